<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Conversion;
use Aglyca\Core\DessertSide;
use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Spread;
use Aglyca\Core\Harm\Struck;
use Aglyca\Core\Kernel;
use Aglyca\Core\Method\PlannedStep;
use Aglyca\Core\Side;

/** The swapped dessert as it is printed, shared and stuck on a tin: one set of figures for all of them. */
final readonly class Card
{
    /** Rows that a column takes in each size of print, the largest first. */
    private const ROWS = [36, 44, 56];

    private DessertSide $side;

    public function __construct(public Conversion $conversion, private Kernel $kernel)
    {
        $this->side = $conversion->side(Side::Swapped);
    }

    public function title(): string
    {
        return $this->conversion->title;
    }

    public function pieceWord(): string
    {
        return $this->conversion->recipe->pieceWord();
    }

    public function yield(): string
    {
        $pieces = $this->conversion->after->formula->pieces;
        $batch = $this->side->batch();

        return Figures::count($pieces).
            ' '.
            $this->conversion->recipe->pieceWord($pieces).
            ' of '.
            Figures::grams($batch->bakedOf($this->conversion->after->pieceMass())).
            ' g'.
            ($this->conversion->family()->minutes > 0 ? ' baked' : '');
    }

    /**
     * @return list<array{name: string, note: string, rows: list<array{grams: string, name: string, measure: string}>}>
     *     by component
     */
    public function components(): array
    {
        $formula = $this->conversion->after->formula;
        $many = count($formula->components) > 1;
        $components = [];
        foreach ($formula->components as $c => $name) {
            $rows = [];
            foreach ($formula->doses as $dose) {
                if ($dose->component === $c) {
                    $rows[] = $this->row($dose);
                }
            }
            $placement = $formula->layout?->placement($c);
            $components[] = [
                'name' => $many ? ($name === '' ? 'The dessert' : ucfirst($name)) : '',
                'rows' => $rows,
                'note' => match ($placement->spread ?? Spread::All) {
                    Spread::All => '',
                    Spread::Some => 'on '.$placement->pieces.' of them',
                    Spread::Each => Figures::grams($placement->grams).' g on each',
                    Spread::Table => 'added at the table',
                },
            ];
        }

        return $components;
    }

    /** @return array{grams: string, name: string, measure: string} */
    private function row(Dose $dose): array
    {
        if ($dose->food === null || $dose->grams === null) {
            return ['grams' => '', 'name' => $dose->text, 'measure' => ''];
        }

        $amount = [Figures::weighed($dose->mass()).' g', $this->kernel->catalogue->measure($dose->food, $dose->mass())];
        [$first, $beside] = $this->kernel->catalogue->ways()->saysMeasuresFirst() ? array_reverse($amount) : $amount;

        return [
            'grams' => $first,
            'name' => $dose->food->name.
                ($dose->used < 1 ? ', of which '.Figures::percent($dose->used).' % is used' : ''),
            'measure' => $beside,
        ];
    }

    /** @return list<string> */
    public function steps(): array
    {
        return array_map(
            static fn (PlannedStep $s): string => Figures::inWords(trim($s->text())),
            $this->conversion->steps(),
        );
    }

    public function net(): string
    {
        return Figures::one($this->conversion->after->net($this->conversion->brief->convention));
    }

    public function range(): string
    {
        $convention = $this->conversion->brief->convention;

        return Figures::range($this->conversion->after->low($convention), $this->conversion->after->high($convention));
    }

    public function total(): string
    {
        return Figures::one($this->conversion->after->piece->carbohydrate);
    }

    /** How net carbs are counted, in words. */
    public function counted(): string
    {
        return app(Conventions::class)->counted($this->convention());
    }

    /** "at least " where something is in it that is not counted. */
    public function least(): string
    {
        return $this->conversion->safety->atLeast === [] ? '' : 'at least ';
    }

    public function convention(): Convention
    {
        return $this->conversion->brief->convention;
    }

    /** @return list<array{name: string, value: string}> of one piece, without what is added at the table */
    public function figures(): array
    {
        $rows = [];
        foreach ($this->side->statement([$this->side->piece()])->rows as $row) {
            if ($row->key !== 'net' && ! $row->isPart) {
                $rows[] = [
                    'name' => $row->name,
                    'value' => Figures::of($row->estimates[0]->value, $row->unit).' '.$row->unit,
                ];
            }
        }

        return $rows;
    }

    /**
     * @return list<array{name: string, net: string, carbohydrate: string}> a piece of each kind, and with each topping
     */
    public function others(): array
    {
        $rows = [];
        $kinds = $this->side->kinds();
        foreach (count($kinds) > 1 ? $kinds : [] as $kind) {
            $rows[] = [
                'name' => Figures::count($kind->count).' '.$kind->name,
                'net' => Figures::one($kind->serving->net($this->convention())),
                'carbohydrate' => Figures::one($kind->serving->sum->carbohydrate),
            ];
        }
        $table = $this->side->withTable();
        if ($table !== null) {
            $rows[] = [
                'name' => 'with what is added at the table',
                'net' => Figures::one($table->net($this->convention())),
                'carbohydrate' => Figures::one($table->sum->carbohydrate),
            ];
        }
        foreach ($this->conversion->toppings as $topping) {
            $with = $this->side->topped($topping);
            $rows[] = [
                'name' => 'with '.mb_strtolower($topping->name),
                'net' => Figures::one($with->net($this->convention())),
                'carbohydrate' => Figures::one($with->sum->carbohydrate),
            ];
        }

        return $rows;
    }

    /** @return list<array{name: string, text: string}> */
    public function keeping(): array
    {
        $family = $this->conversion->family();

        return [
            ['name' => 'Done when', 'text' => $family->doneness],
            ['name' => 'Cools', 'text' => $family->cooling],
            ['name' => 'Keeps', 'text' => $this->conversion->keep(Side::Swapped)->text],
        ];
    }

    /** @return list<string> what whoever eats or keeps it should know */
    public function cautions(): array
    {
        return array_map(
            static fn (Warning $w): string => $w->sentence,
            array_filter(
                $this->conversion->warnings,
                static fn (Warning $w): bool => $w->isForEater,
            ),
        );
    }

    /** @return list<Struck> words of the recipe that are not true of what is made */
    public function struck(): array
    {
        return $this->conversion->safety->struck;
    }

    public function allergens(): string
    {
        foreach ($this->conversion->warnings as $warning) {
            if ($warning->key === 'allergens') {
                return $warning->sentence;
            }
        }

        return '';
    }

    public function isForDogs(): bool
    {
        return array_filter($this->conversion->warnings, static fn (Warning $w): bool => $w->key === 'xylitol-dogs') ===
            [];
    }

    /** How dense the print must be to stay on one page: 0 to 3, by the rows of the longer column. */
    public function density(): int
    {
        $left = count($this->figures()) + count($this->others());
        foreach ($this->components() as $component) {
            $left += 2;
            foreach ($component['rows'] as $row) {
                $left += self::rows($row['name'].' '.$row['measure'], 34);
            }
        }
        $right = 6;
        foreach ([...$this->steps(), ...$this->cautions()] as $text) {
            $right += self::rows($text, 50);
        }

        return count(array_filter(self::ROWS, static fn (int $most): bool => max($left, $right) > $most));
    }

    private static function rows(string $text, int $characters): int
    {
        return 1 + intdiv(max(0, mb_strlen($text) - 1), $characters);
    }
}
