<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Formula\Batch;
use Aglyca\Core\Formula\Cut;
use Aglyca\Core\Formula\PlacementWish;
use Aglyca\Core\Formula\Spread;
use Aglyca\Core\Formula\Way;
use Aglyca\Core\Quantity\Pan;
use Aglyca\Core\Reading\Flag;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Side;
use App\Models\Topping;
use Illuminate\Support\Collection;

/** How the swapped dessert is shared out, with what to weigh off. */
final readonly class PiecesSheet
{
    /** Width of the drawn pan, in the drawing's own units. */
    private const DRAWN = 300.0;

    public Batch $batch;

    private Cut $cut;

    public function __construct(public BenchPage $page)
    {
        $this->batch = $page->conversion->side(Side::Swapped)->batch();
        $this->cut =
            $page->conversion->after->formula->layout->cut ??
            Cut::equal($this->batch, $page->conversion->after->formula->pieces);
    }

    public function way(): string
    {
        return $this->page->conversion->brief->portions->portion->way->value;
    }

    /** What was said of the portion, to stand in its field. */
    public function said(string $field, string $else = ''): string
    {
        $portion = $this->page->conversion->brief->portions->portion;
        $count = static fn (float $number): string => Figures::count($number);
        $kept = match ($field) {
            'across', 'along' => $portion->way === Way::Grid ? (string) $portion->{$field} : $else,
            'scoop' => $portion->scoop,
            'each' => $portion->each === null ? $else : $count($portion->each),
            'of' => $portion->of->value,
            'rest' => $portion->leftover->value,
            'masses' => implode('; ', array_map($count, $portion->masses)),
            default => $else,
        };

        return $this->page->typed($field, $kept);
    }

    public function weighed(string $field): string
    {
        $sharing = $this->page->conversion->brief->portions;
        $grams = $field === 'weighed_mixed' ? $sharing->weighedMixed : $sharing->weighedBaked;

        return $this->page->typed($field, $grams === null ? '' : Figures::count($grams));
    }

    /** @return list<string> what to do, in the order of the work */
    public function sentences(): array
    {
        $recipe = $this->page->conversion->recipe;
        $word = $recipe->pieceWord($this->cut->count);
        $count = Figures::count($this->cut->count);
        if ($this->cut->shares !== []) {
            $sum = array_sum($this->page->conversion->brief->portions->portion->masses);
            $isOff =
                abs($sum - $this->batch->baked) > $this->page->kernel->catalogue->unequalOff() * $this->batch->baked;

            return [
                "$count $word as you weighed them, ".Figures::grams($sum).' g together.',
                ...$isOff
                    ? [
                        'The baked whole should be about '.
                        Figures::grams($this->batch->baked).
                        ' g: is a piece missing, or was the dough weighed?',
                    ]
                    : [],
            ];
        }
        $each = Figures::grams($this->cut->mixedEach());
        $rest = $this->cut->mixedRest();

        return [
            "$count $word: weigh off $each g of ".
            ($this->isScoop() || $this->page->conversion->brief->portions->placements !== []
                ? 'the dough'
                : 'the mix').
            ' for each.',
            'Baked, each is about '.
            Figures::grams($this->cut->bakedEach()).
            ' g ('.
            Figures::percent($this->batch->loss()).
            ' % goes into the air, '.
            ($this->batch->isBakedWeighed ? 'as you weighed' : 'as is usual').
            ').',
            ...match (true) {
                $rest > 0.5 && $this->cut->small > 0 => [
                    Figures::grams($rest).' g more make one small '.$recipe->pieceWord().'.',
                ],
                $rest > 0.5 => [Figures::grams($rest).' g are over: they are set aside and not counted.'],
                default => [],
            },
        ];
    }

    public function isScoop(): bool
    {
        return $this->way() === 'scoop';
    }

    /** @return array<array-key, string> scoop => name with the grams that it holds of this dough */
    public function scoops(): array
    {
        $names = $this->page->kernel->catalogue->scoops();
        $family = $this->page->conversion->family()->key;

        $rows = [];
        foreach ($names as $key => $name) {
            $rows[(string) $key] =
                ucfirst($name).
                ', about '.
                Figures::grams($this->page->kernel->catalogue->scoopful((string) $key, $family)).
                ' g';
        }

        return $rows;
    }

    public function pan(): ?Pan
    {
        $pan = $this->page->conversion->pan;

        return $pan !== null ? $pan->to : $this->page->conversion->recipe->pan;
    }

    /**
     * The pan with its cuts, to scale.
     *
     * @return ?array{box: string, cy: string, width: string, height: string, isRound: bool, across: int, along: int,
     *     lines: list<array{x1: string, y1: string, x2: string, y2: string}>, label: string} null where it is not cut
     *     in a grid
     */
    public function drawing(): ?array
    {
        $pan = $this->pan();
        $cuts = $this->cuts($pan);
        if ($cuts === null) {
            return null;
        }
        [$across, $along] = $cuts;
        $ratio = $pan === null ? 1.0 : $pan->width / $pan->length;
        [$width, $height] = [self::DRAWN, self::DRAWN * $ratio];
        $lines = [];
        for ($i = 1; $i < $across; $i++) {
            $x = sprintf('%.1f', $width * $i / $across);
            $lines[] = ['x1' => $x, 'y1' => '0', 'x2' => $x, 'y2' => sprintf('%.1f', $height)];
        }
        for ($i = 1; $i < $along; $i++) {
            $y = sprintf('%.1f', $height * $i / $along);
            $lines[] = ['x1' => '0', 'y1' => $y, 'x2' => sprintf('%.1f', $width), 'y2' => $y];
        }
        $label =
            $pan === null
                ? 'The recipe names no pan: say yours under Scale, and the cuts are drawn to it.'
                : 'Each '.
                    Figures::one($pan->length / $across).
                    ' by '.
                    Figures::one($pan->width / $along).
                    ' cm, in a pan of '.
                    Figures::grams($pan->length).
                    ' by '.
                    Figures::grams($pan->width).
                    ' cm.';

        return [
            'box' => sprintf('-3 -3 %.0f %.0f', $width + 6, $height + 6),
            'cy' => sprintf('%.1f', $height / 2),
            'width' => sprintf('%.1f', $width),
            'height' => sprintf('%.1f', $height),
            'isRound' => $pan->isRound ?? false,
            'across' => $across,
            'along' => $along,
            'cells' => $this->cells($across, $along, $width, $height),
            'isSet' => $this->way() === 'grid',
            'lines' => $lines,
            'label' => $label,
        ];
    }

    /**
     * How it is cut: as was said, or for what is cut at all the grid of so many pieces that is nearest to square ones.
     *
     * @return ?array{int, int} across and along
     */
    private function cuts(?Pan $pan): ?array
    {
        $portion = $this->page->conversion->brief->portions->portion;
        if ($this->way() === 'grid') {
            return [$portion->across, $portion->along];
        }
        $count = (int) $this->cut->count;
        if (
            $this->way() !== 'pieces' ||
            $count < 2 ||
            $count > 60 ||
            (float) $count !== (float) $this->cut->count ||
            ! in_array($this->page->conversion->family()->holder, ['tin', 'dish', 'pan', ''], true)
        ) {
            return null;
        }
        $ratio = $pan === null ? 1.0 : $pan->length / $pan->width;
        [$best, $found] = [INF, null];
        for ($across = 1; $across <= $count; $across++) {
            $distance = $count % $across === 0 ? abs(log($across / ($count / $across) / $ratio)) : INF;
            [$best, $found] = $distance < $best ? [$distance, [$across, intdiv($count, $across)]] : [$best, $found];
        }

        return $found;
    }

    /**
     * @return list<array{x: string, y: string, width: string, height: string}> those pieces that carry what only some
     *     do
     */
    private function cells(int $across, int $along, float $width, float $height): array
    {
        $many = max([
            0,
            ...array_map(
                static fn (array $part): int => $part['spread'] === 'some' ? (int) $part['pieces'] : 0,
                $this->parts(),
            ),
        ]);
        $cells = [];
        for ($i = 0; $i < min($many, $across * $along); $i++) {
            $cells[] = [
                'x' => sprintf('%.1f', ($width / $across) * ($i % $across)),
                'y' => sprintf('%.1f', ($height / $along) * intdiv($i, $across)),
                'width' => sprintf('%.1f', $width / $across),
                'height' => sprintf('%.1f', $height / $along),
            ];
        }

        return $cells;
    }

    /** The way whose fields are open: that of a refusal, or the one that holds. */
    public function wayShown(): string
    {
        foreach (['grid', 'scoop', 'target', 'unequal', 'pieces'] as $way) {
            if ($this->page->faults->has($way)) {
                return $way;
            }
        }

        return $this->way();
    }

    /** Half of the pieces, where the baker has not said how many. */
    public function half(): int
    {
        return max(1, (int) ceil($this->cut->count / 2));
    }

    /**
     * @return list<array{component: int, name: string, mass: string, spread: string, pieces: string, amount: string,
     *     unit: string, note: string}>
     */
    public function parts(): array
    {
        $formula = $this->page->conversion->after->formula;
        $rows = [];
        foreach (count($formula->components) > 1 ? $formula->components : [] as $component => $name) {
            $said = $this->page->conversion->brief->portions->placements[$component] ?? new PlacementWish(Spread::All);
            $mass = $formula->componentMass($component);
            $short = $formula->layout?->shortBy($component, $mass) ?? 0.0;
            $isEach = ($formula->layout?->placement($component)->spread ?? Spread::All) === Spread::Each;
            $left = $isEach ? $mass * (1 - array_sum($formula->layout->shares($component, $mass))) : 0.0;
            $rows[] = [
                'component' => $component,
                'name' => $name === '' ? 'The dessert' : ucfirst($name),
                'mass' => Figures::grams($mass),
                'spread' => $said->spread->value,
                'pieces' => $said->spread === Spread::Some ? (string) $said->pieces : '',
                'amount' => $said->amount > 0 ? Figures::count($said->amount) : '',
                'unit' => $said->unit,
                'note' => match (true) {
                    $short > 0.5 => Figures::grams($short).
                        ' g short of that: each gets an equal part of what there is.',
                    $left > 0.5 => Figures::grams($left).' g are left over, and not counted.',
                    default => '',
                },
            ];
        }

        return $rows;
    }

    /** @return list<string> where parts go that do not go over all pieces alike */
    public function placed(): array
    {
        $formula = $this->page->conversion->after->formula;
        $said = [];
        foreach ($formula->layout === null ? [] : $formula->components as $component => $name) {
            $placement = $formula->layout->placement($component);
            $what = $name === '' ? 'The dessert' : ucfirst($name);
            $said[] = match ($placement->spread) {
                Spread::All => '',
                Spread::Some => "$what: on $placement->pieces of them.",
                Spread::Each => "$what: ".Figures::grams($placement->grams).' g on each.',
                Spread::Table => "$what: at the table".
                    ($placement->grams > 0 ? ', '.Figures::grams($placement->grams).' g on each.' : '.'),
            };
        }

        return array_values(array_filter($said));
    }

    /**
     * @return list<array{key: string, text: string, percent: string, hint: string}> lines that may be used in part,
     *     those that say so first
     */
    public function lines(): array
    {
        $used = $this->page->conversion->brief->portions->used;
        $lines = $this->page->conversion->recipe->lines;
        usort($lines, static fn (Line $a, Line $b): int => $b->has(Flag::UsedInPart) <=> $a->has(Flag::UsedInPart));

        return array_map(
            fn (Line $l): array => [
                'key' => $l->key,
                'text' => $l->text,
                'percent' => Figures::percent($used[$l->key] ?? 1.0),
                'hint' => $l->has(Flag::UsedInPart)
                    ? (preg_match('~\bgreas|\bbrush|\blin(?:e|ing)\b~i', $l->text) === 1
                        ? 'nearly all of it is eaten'
                        : 'usually about '.
                            Figures::percent($this->page->kernel->catalogue->usedRolling()).
                            ' % stays on')
                    : '',
            ],
            array_values(array_filter($lines, static fn (Line $l): bool => $l->food !== null && $l->grams !== null)),
        );
    }

    /** @return list<array{name: string, text: string, isOn: bool}> the kitchen's own, and what is on this dessert */
    public function toppings(): array
    {
        $on = array_column($this->page->conversion->brief->portions->toppings, 'text', 'name');
        /** @var Collection<int, Topping> $own */
        $own = $this->page->dessert->recipe?->kitchen->toppings()->orderBy('name')->get() ?? collect();
        $all = [...$on, ...$own->pluck('text', 'name')->all()];

        return array_map(
            static fn (string|int $name, string $text): array => [
                'name' => (string) $name,
                'text' => $on[$name] ?? $text,
                'isOn' => isset($on[$name]),
            ],
            array_keys($all),
            array_values($all),
        );
    }
}
