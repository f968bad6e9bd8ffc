<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Family\PanChange;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Quantity\Pan;

/** How much of a dessert is made: eggs, spoons, the pan, and what each line becomes. */
final readonly class ScaleSheet
{
    /** Of the longest side of the larger pan, in pixels. */
    private const DRAWN = 190.0;

    public function __construct(public BenchPage $page) {}

    public function factor(): string
    {
        return Figures::count($this->page->conversion->brief->batch->scale);
    }

    /** @return list<array{factor: string, text: string}> ways of keeping eggs whole; empty where they are */
    public function eggs(): array
    {
        $recipe = $this->page->conversion->recipe;
        $rows = [];
        $catalogue = $this->page->kernel->catalogue;
        foreach ($catalogue->wholeEggFactors($recipe, $this->page->conversion->brief->batch->scale) as $factor) {
            $scaled = $catalogue->scaled($recipe, $factor);
            $eggs = [];
            foreach ($scaled->doses as $dose) {
                if ($dose->food?->role === Role::Egg && $dose->grams !== null) {
                    $eggs[] = $dose->text;
                }
            }
            $rows[] = [
                'factor' => (string) $factor,
                'text' => implode(' and ', $eggs).', everything else times '.Figures::count($factor),
            ];
        }

        return $rows;
    }

    /** The eggs as they are weighed where they are not whole. */
    public function weighedEggs(): string
    {
        $eggs = [];
        foreach ($this->page->conversion->swap->before->doses as $dose) {
            if ($dose->food?->role === Role::Egg && $dose->grams !== null) {
                $eggs[] = Figures::grams($dose->mass()).' g '.mb_strtolower($dose->food->name);
            }
        }

        return implode(' and ', $eggs);
    }

    /** @return list<array{key: string, name: string, written: string, grams: string, measure: string}> */
    public function lines(): array
    {
        $rows = [];
        foreach ($this->page->conversion->recipe->lines as $i => $line) {
            $dose = $this->page->conversion->swap->before->doses[$i];
            if ($line->food !== null && $line->grams !== null) {
                $rows[] = [
                    'key' => $line->key,
                    'name' => $line->food->name,
                    'written' => $line->text,
                    'grams' => Figures::typed(round($dose->mass(), $dose->mass() >= 10 ? 0 : 1)),
                    'measure' => $this->page->kernel->catalogue->measure($line->food, $dose->mass()),
                ];
            }
        }

        return $rows;
    }

    /** The recipe's own pan, as its text or the baker says. */
    public function from(): ?Pan
    {
        return $this->page->conversion->recipe->pan ?? $this->page->conversion->brief->batch->recipesPan;
    }

    public function isFromText(): bool
    {
        return $this->page->conversion->recipe->pan !== null;
    }

    public function to(): ?Pan
    {
        return $this->page->conversion->pan?->to;
    }

    /** A side of a pan to stand in its field. */
    public function side(string $which, string $side): string
    {
        $pan = $which === 'to' ? $this->to() : $this->from();
        $cm = match ($side) {
            'length' => $pan?->length, 'width' => $pan?->width, default => $pan?->depth
        };

        return $this->page->typed("{$which}_$side", $cm === null ? '' : Figures::typed($cm));
    }

    /** @return list<array<string, mixed>> both pans from above, drawn to one scale */
    public function pans(): array
    {
        $pans = array_filter(['The recipe’s: ' => $this->from(), 'Yours: ' => $this->to()]);
        if ($pans === []) {
            return [];
        }
        $scale = self::DRAWN / max(array_map(static fn (Pan $p): float => max($p->length, $p->width), $pans));

        return array_map(static function (string $whose, Pan $pan) use ($scale): array {
            [$wide, $high] = [$pan->length * $scale, $pan->width * $scale];

            return [
                'name' => $whose.self::pan($pan),
                'isRound' => $pan->isRound,
                'wide' => sprintf('%.1f', $wide),
                'high' => sprintf('%.1f', $high),
                'x' => sprintf('%.1f', $wide / 2),
                'y' => sprintf('%.1f', $high / 2),
                'width' => sprintf('%.0f', $wide + 4),
                'height' => sprintf('%.0f', $high + 4),
                'box' => sprintf('%.1f %.1f', $wide + 4, $high + 4),
            ];
        },
            array_keys($pans),
            $pans,
        );
    }

    public static function pan(Pan $pan): string
    {
        return Figures::grams($pan->length).
            ($pan->isRound ? ' cm round' : ' by '.Figures::grams($pan->width).' cm').
            ($pan->depth === null ? '' : ', '.Figures::grams($pan->depth).' cm deep');
    }

    /** @return list<array{factor: string, text: string}> amounts that suit the baker's pan */
    public function panFactors(): array
    {
        $change = $this->page->conversion->pan;
        if ($change === null) {
            return [];
        }
        $area = PanChange::byArea($change->from, $change->to);
        $volume = PanChange::byVolume($change->from, $change->to);
        $rows = [
            [
                'factor' => (string) $area,
                'text' => 'times '.Figures::count($area).': the batter stands as deep, and takes as long',
            ],
        ];

        return $volume === null || abs($volume / $area - 1) < 0.02
            ? $rows
            : [
                ...$rows,
                [
                    'factor' => (string) $volume,
                    'text' => 'times '.Figures::count($volume).': the pan is filled as high up its side',
                ],
            ];
    }

    /** What the pan does as things stand. */
    public function panSays(): string
    {
        $change = $this->page->conversion->pan;

        return match (true) {
            $change === null => '',
            $change->sentence() === '' => 'The batter stands as deep as in the recipe: the time stays.',
            default => ucfirst($change->sentence()).
                ': bake for about '.
                Figures::percent($change->timeFactor).
                ' % of the time.',
        };
    }
}
