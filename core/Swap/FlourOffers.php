<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Larder;

/** Flours, binders, eggs and water by the school, for so much of the flour that goes. */
final readonly class FlourOffers
{
    public function __construct(
        private Larder $larder,
        private Schools $schools,
        private Allowed $allowed,
        private Constants $constants,
    ) {}

    /** @return list<Offer> */
    public function flours(Formula $formula, Sorting $sorting, Family $family, Wishes $wishes): array
    {
        $flour = 0.0;
        foreach ($sorting->flours as $i) {
            $flour +=
                $formula->doses[$i]->mass() * $this->larder->typical($formula->doses[$i]->known(), 'flour-equivalent');
        }
        if ($flour <= 0) {
            return [];
        }
        $variables = [];
        $purposes = [];
        $given = $this->eggGiven($formula, $sorting, $family, $wishes);
        $hasEggs = ($sorting->hasEggs && ! self::isFoamOfWhites($formula, $sorting, $family)) || $given > 0;
        foreach ($this->schools->parts($this->allowed->school($wishes)) as $row) {
            $food = $this->allowed->allowed($this->larder->get($row['food']), $wishes);
            if (
                $food !== null &&
                ! isset($variables[$food->key]) &&
                in_array($row['when'], ['always', $hasEggs ? 'with-eggs' : 'without-eggs'], true) &&
                // What holds a crumb has none to hold in what is rolled raw.
                ($row['when'] !== 'without-eggs' || $family->minutes > 0)
            ) {
                $purpose = match ($row['food']) {
                    'egg' => Purpose::Egg,
                    'water' => Purpose::Water,
                    default => Purpose::Flour,
                };
                $usual = $flour / 100 * (float) $row['grams_per_100g_flour'];
                $most = $this->most($purpose, $flour, $family);
                $base = $purpose === Purpose::Egg ? $given * $this->larder->each('egg') : 0.0;
                $variables[$food->key] = new Offer(
                    $food, $purpose, $most - $base, max(0.0, $usual - $base), 0.0, $row['why'], base: $base,
                );
                $purposes[] = $purpose;
            }
        }
        $variables = array_values($variables);
        array_push($variables, ...$this->doughParts($family, $flour, $wishes));
        if (! in_array(Purpose::Egg, $purposes, true) && $hasEggs) {
            $variables[] = new Offer(
                $this->larder->get('egg'), Purpose::Egg,
                $this->most(Purpose::Egg, $flour, $family) - $given * $this->larder->each('egg'), 0.0,
                $this->constants->get('egg-cost'), 'holds the crumb', base: $given * $this->larder->each('egg'),
            );
        }
        if (! in_array(Purpose::Water, $purposes, true)) {
            $variables[] = new Offer(
                $this->larder->get('water'), Purpose::Water, $this->most(Purpose::Water, $flour, $family), 0.0,
                $this->constants->get('water-cost'), 'for the thirst of the new flour',
            );
        }

        return $variables;
    }

    /** A whole egg would flatten what is whipped of whites alone. */
    private static function isFoamOfWhites(Formula $formula, Sorting $sorting, Family $family): bool
    {
        $isYolky = static fn (Dose $dose): bool => $dose->component === $sorting->component &&
            in_array($dose->food?->key, ['egg', 'egg-yolk'], true);

        return $family->foam && array_filter($formula->doses, $isYolky) === [];
    }

    /**
     * How many eggs go into a family that holds without in wheat alone: who uses milk or cream is not taken to shun
     * them.
     */
    private function eggGiven(Formula $formula, Sorting $sorting, Family $family, Wishes $wishes): int
    {
        $grams = array_column($this->schools->partsOf($family->key), 'grams_per_100g_flour', 'food')['egg'] ?? null;
        $allergens = array_map(static fn (Dose $dose): array => $dose->food->allergens ?? [], $formula->doses);
        if (
            $grams === null ||
            $sorting->hasEggs ||
            ! $this->allowed->allows($this->larder->get('egg'), $wishes) ||
            array_intersect(['milk', 'egg'], array_merge([], ...$allergens)) === []
        ) {
            return 0;
        }
        $flour = array_sum(array_map(static fn (int $i): float => $formula->doses[$i]->mass(), $sorting->flours));

        return (int) max(1.0, round($flour / 100 * (float) $grams / $this->larder->each('egg')));
    }

    /**
     * What a kind of dough needs beside its flours; what may not be in it makes room for what stands instead.
     *
     * @return list<Offer>
     */
    private function doughParts(Family $family, float $flour, Wishes $wishes): array
    {
        $offers = [];
        foreach ($this->schools->partsOf($family->key) as $row) {
            $isInstead = $row['instead_of'] !== '' && $this->allowed->allows($this->larder->get($row['instead_of']), $wishes);
            if (! $isInstead && $row['food'] !== 'egg') {
                $grams = ($flour / 100) * (float) $row['grams_per_100g_flour'];
                $offers[] = new Offer(
                    $this->larder->get($row['food']),
                    Purpose::Flour,
                    $grams,
                    $grams,
                    0.0,
                    $row['why'],
                );
            }
        }

        return $offers;
    }

    private function most(Purpose $purpose, float $flour, Family $family): float
    {
        return match ($purpose) {
            Purpose::Egg => min($family->eggsMost, $this->constants->get('extra-eggs-most')) *
                $this->larder->each('egg'),
            Purpose::Water => $this->constants->get('water-most') * $flour,
            default => INF,
        };
    }
}
