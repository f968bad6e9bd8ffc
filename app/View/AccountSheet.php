<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Account\Figure;
use Aglyca\Core\Account\Serving;
use Aglyca\Core\DessertSide;
use Aglyca\Core\Formula\Spread;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Side;
use Illuminate\Http\Request;

/** What the account tells of one side of a dessert. */
final readonly class AccountSheet
{
    private const MOST_LINES = 60;

    public bool $isSwapped;

    private DessertSide $side;

    public Convention|Figure $measure;

    public Account $account;

    private Serving $eaten;

    private string $line;

    private string $for;

    public function __construct(public BenchPage $page, Request $request)
    {
        $side = Side::tryFrom((string) $request->query('side')) ?? Side::Swapped;
        $this->isSwapped = $side === Side::Swapped;
        $this->side = $page->conversion->side($side);
        $measure = (string) $request->query('of');
        $this->measure =
            Figure::tryFrom($measure) ?? (Convention::tryFrom($measure) ?? $page->conversion->brief->convention);
        $this->account = $this->side->account;
        $this->eaten = $this->side->eaten();
        $this->line = (string) $request->query('line');
        $this->for = trim((string) $request->query('for'));
    }

    /**
     * The address of this sheet with something of it otherwise.
     *
     * @param  array<string, mixed>  $changes
     */
    public function path(array $changes): string
    {
        $query = array_filter([
            ...[
                'side' => $this->isSwapped ? null : 'written',
                'of' => $this->measure === $this->page->conversion->brief->convention ? null : $this->measure->value,
            ],
            ...$changes,
        ]);

        return $this->page->path('bench/account').($query === [] ? '' : '?'.http_build_query($query));
    }

    public function eatenName(): string
    {
        $times = $this->page->conversion->brief->portions->eaten;
        $word = $this->page->pieceWord();

        return match ($times) {
            0.5 => "half a $word",
            1.0 => "1 $word",
            default => Figures::count($times).' '.$this->page->conversion->recipe->pieceWord($times),
        };
    }

    public function hasToppings(): bool
    {
        return $this->page->conversion->brief->portions->toppings !== [];
    }

    /**
     * @return array{heads: list<string>, rows: list<array<string, mixed>>} a row: name, unit, isPart, and a cell a head
     */
    public function statement(): array
    {
        $whole = $this->side->all();
        $hundred = $this->side->hundred();
        $servings = [
            $this->eatenName().($this->hasToppings() ? ' with what goes on' : '') => $this->eaten,
            ...$hundred === null ? [] : ['100 g' => $hundred],
            'all pieces' => $whole,
        ];
        $statement = $this->side->statement(array_values($servings));
        $rows = [];
        foreach ($statement->rows as $row) {
            $rows[] = [
                'name' => $row->name,
                'unit' => $row->unit,
                'isPart' => $row->isPart,
                'cells' => array_map(
                    fn (Estimate $e): array => $this->cell($e, $row->unit, $statement->coverage),
                    $row->estimates,
                ),
            ];
        }

        return ['heads' => array_map(strval(...), array_keys($servings)), 'rows' => $rows];
    }

    /** @return array{value: string, range: string} */
    private function cell(Estimate $e, string $unit, float $coverage): array
    {
        return [
            'value' => Figures::of($e->value, $unit),
            'range' => Figures::range($e->low($coverage), $e->high($coverage), $unit, '–'),
        ];
    }

    /**
     * @return list<array{key: string, name: string, sentence: string, value: string, range: string, isChosen: bool}>
     */
    public function conventions(): array
    {
        $rows = [];
        foreach (app(Conventions::class)->all() as $key => $row) {
            $net = $this->eaten->netCarbs(Convention::from($key));
            $rows[] = [
                'key' => $key,
                'name' => $row['name'],
                'sentence' => $row['sentence'],
                ...$this->cell($net, 'g', $this->eaten->coverage),
                'isChosen' => $this->page->conversion->brief->convention->value === $key,
            ];
        }

        return $rows;
    }

    /** Carbohydrate choices of what is eaten, as the baker counts. */
    public function choices(): string
    {
        return Figures::one($this->side->choices($this->eaten, $this->page->conversion->brief->convention));
    }

    public function choicesByTotal(): string
    {
        return Figures::one($this->side->choices($this->eaten));
    }

    /**
     * @return list<array{name: string, count: string, net: string, range: string, carbohydrate: string}> where pieces
     *     differ, what goes on at the table, what is left
     */
    public function kinds(): array
    {
        $kinds = $this->side->kinds();
        $rows = [];
        foreach (count($kinds) > 1 ? $kinds : [] as $kind) {
            $rows[] = $this->kind(Figures::count($kind->count), $kind->name, $kind->serving);
        }
        foreach ($this->account->formula->components as $component => $name) {
            if (
                $component !== $this->account->formula->heaviest() &&
                $this->account->formula->layout?->placement($component)->spread !== Spread::Table
            ) {
                $rows[] = $this->kind(
                    '',
                    'without the '.mb_strtolower($name === '' ? 'rest' : $name),
                    $this->side->without($component),
                );
            }
        }
        [$table, $with] = [$this->side->atTable(), $this->side->withTable()];
        $left = $this->side->left();
        if ($table !== null && $with !== null) {
            $rows[] = $this->kind('', 'added at the table, each', $table);
            $rows[] = $this->kind('', 'a '.$this->page->pieceWord().' with it', $with);
        }
        foreach ($this->page->conversion->toppings as $topping) {
            $rows[] = $this->kind('', mb_strtolower($topping->name).', each', $this->side->alone($topping));
        }

        return $left->mass() > 0.05 ? [...$rows, $this->kind('', 'left over, all', $left)] : $rows;
    }

    /** @return array{name: string, count: string, net: string, range: string, carbohydrate: string} */
    private function kind(string $count, string $name, Serving $serving): array
    {
        $cell = $this->cell($serving->netCarbs($this->page->conversion->brief->convention), 'g', $serving->coverage);

        return [
            'count' => $count,
            'name' => $name,
            'net' => $cell['value'],
            'range' => $cell['range'],
            'carbohydrate' => Figures::one($serving->sum->carbohydrate),
        ];
    }

    /**
     * @return list<array<string, mixed>> the lines by what they carry of the measure, most first, and what the piece
     *     would hold without or with half of each
     */
    public function lines(): array
    {
        $whatIf = $this->side->whatIf();
        $serving = $this->account->serving;
        $carried = $whatIf->carried($serving, $this->measure);
        arsort($carried);
        $carried = array_slice($carried, 0, self::MOST_LINES, true);
        $most = max(1e-9, reset($carried) ?: 0.0);
        $rows = [];
        foreach ($carried as $i => $grams) {
            $food = $serving->doses[$i]->food;
            if ($food !== null && $serving->shares[$i] > 0) {
                $rows[] = [
                    'line' => (string) $i,
                    'name' => $food->name,
                    'role' => $food->role,
                    'carried' => Figures::of($grams, $this->unit()),
                    'width' => Figures::percent($grams / $most),
                    'without' => Figures::of($whatIf->totalAt($serving, $i, 0.0, $this->measure), $this->unit()),
                    'halved' => Figures::of($whatIf->totalAt($serving, $i, 0.5, $this->measure), $this->unit()),
                ];
            }
        }

        return $rows;
    }

    public function unit(): string
    {
        return $this->measure instanceof Figure ? $this->measure->unit() : 'g';
    }

    public function measureName(): string
    {
        return $this->measure instanceof Figure ? $this->measure->label() : 'Net carbs, '.$this->measure->value;
    }

    public function total(): string
    {
        return Figures::of($this->side->whatIf()->total($this->account->serving, $this->measure), $this->unit());
    }

    /**
     * @return array{line: string, for: string, sentence: string, isFault: bool} what another food on a line would do,
     *     as asked
     */
    public function exchange(): array
    {
        $asked = ['line' => $this->line, 'for' => $this->for, 'sentence' => '', 'isFault' => false];
        $serving = $this->account->serving;
        $dose = ctype_digit($this->line) ? $serving->doses[(int) $this->line] ?? null : null;
        if ($this->for === '' || $dose?->food === null) {
            return $asked;
        }
        $match = $this->page->kernel->catalogue->find($this->for);
        if ($match->food === null || ! $match->sure) {
            return [
                ...$asked,
                'sentence' => 'The larder has no “'.mb_strimwidth($this->for, 0, 40, '…').'”. Choose a food from the list.',
                'isFault' => true,
            ];
        }
        $food = $this->page->kernel->catalogue->food($match->food) ?? abort(404);
        $ratio = $this->side->whatIf()->exchangeRatio($dose->food, $food);
        $then = $this->side->whatIf()->exchanged($serving, (int) $this->line, $food, $ratio);

        return [
            ...$asked,
            'sentence' => sprintf(
                '%s in place of %s, %s: %s %s a %s instead of %s.',
                $food->name,
                mb_strtolower($dose->food->name),
                $ratio === 1.0 ? 'gram for gram' : 'for the same sweetness',
                Figures::of($this->side->whatIf()->total($then, $this->measure), $this->unit()),
                $this->unit(),
                $this->page->pieceWord(),
                $this->total(),
            ),
        ];
    }

    /** @return ?array{limit: string, small: string, had: string} null where the kitchen has no limit */
    public function limit(): ?array
    {
        $grams = $this->page->conversion->brief->wishes->kitchen->netCarbs;
        if ($grams === null || $grams <= 0) {
            return null;
        }
        $limit = $this->side->limit($grams);
        $batch = $this->side->batch();
        $recipe = $this->page->conversion->recipe;

        return [
            'limit' => Figures::one($grams),
            'small' => $limit->pieces === null
                    ? 'No piece is small enough for that.'
                    : sprintf(
                        '%d %s or more, of %s g baked each, keep it.',
                        $limit->pieces,
                        $recipe->pieceWord((float) $limit->pieces),
                        Figures::grams($batch->bakedOf($limit->each ?? 0.0)),
                    ),
            'had' => match (true) {
                $limit->isMost() => 'You may have as many as you like by this count.',
                $limit->had < 0.5 => 'Not even half a '.
                    $recipe->pieceWord().
                    ': '.
                    Figures::grams($batch->bakedOf($limit->grams ?? 0.0)).
                    ' g.',
                default => sprintf(
                    'You may have %s %s, or %s g by weight.',
                    $limit->had === 0.5 ? 'half a' : Figures::count($limit->had),
                    $recipe->pieceWord($limit->had <= 1 ? 1.0 : $limit->had),
                    Figures::grams($batch->bakedOf($limit->grams ?? 0.0)),
                ),
            },
        ];
    }

    /** @return ?array{piece: string, batch: string, note: string} null where nothing has a price */
    public function cost(): ?array
    {
        $cost = $this->side->cost();
        $currency = $this->page->dessert->recipe?->kitchen->currency ?? '';

        return $cost->lines === []
            ? null
            : [
                'piece' => Figures::money($cost->piece, $currency),
                'batch' => Figures::money($cost->batch, $currency),
                'note' => $cost->isComplete()
                    ? 'by your packages'
                    : 'by your packages; without '.mb_strtolower(implode(', ', array_slice($cost->unpriced, 0, 6))),
            ];
    }
}
