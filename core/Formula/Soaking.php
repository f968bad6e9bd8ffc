<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\Step;

/** Dried fruit that the method soaks or boils, and what it drinks of: the one goes with the other. */
enum Soaking
{
    case None;
    case Fruit;
    case Liquid;

    private const SOAKS = '~\b(?:soak|steep|macerat|plump|swell|simmer|boil|bring|stew)\w*\b~iu';

    /** Soaks what stands in the bowl alone; over bread or a dough it is their liquid. */
    private const POURS = '~\bpour\w*\b.*\bover\b|\bcover\w*\b.*\bwith\b~iu';

    /** Words that name no food by themselves. */
    private const NONE = [
        'boiling', 'hot', 'cold', 'warm', 'strong', 'dried', 'chopped', 'fresh', 'soft', 'pitted', 'the', 'of', 'and',
        'for', 'in',
    ];

    /**
     * @param  list<Dose>  $doses
     * @param  list<Step>  $steps
     * @return array<int, self> by dose; those that have no part in it are missing
     */
    public static function in(array $doses, array $steps, Constants $constants): array
    {
        $kinds = array_filter(
            array_map(
                static fn (Dose $d): self => $d->food === null ? self::None : self::kind($d->food, $constants),
                $doses,
            ),
            static fn (self $kind): bool => $kind !== self::None,
        );
        if (! in_array(self::Fruit, $kinds, true) || ! in_array(self::Liquid, $kinds, true)) {
            return [];
        }
        foreach ($steps as $step) {
            $before = [];
            foreach (preg_split('~(?<=[.!?;])\s+~u', $step->text) ?: [] as $sentence) {
                $words = FoodIndex::words($sentence);
                $isSoaked =
                    preg_match(self::SOAKS, $sentence) === 1 ||
                    (preg_match(self::POURS, $sentence) === 1 && ! self::isDough($doses, [...$before, ...$words]));
                if ($isSoaked) {
                    $found = self::named($doses, $kinds, [...$before, ...$words]);
                    if (in_array(self::Fruit, $found, true) && in_array(self::Liquid, $found, true)) {
                        return $found;
                    }
                }
                $before = $words;
            }
        }

        return [];
    }

    /**
     * @param  list<Dose>  $doses
     * @param  list<string>  $words
     */
    private static function isDough(array $doses, array $words): bool
    {
        $bodies = array_filter(
            $doses,
            static fn (Dose $d): bool => $d->food?->role === Role::Body || $d->food?->key === 'egg',
        );

        $named = array_map(static fn (Dose $d): array => FoodIndex::words((string) $d->food?->name), $bodies);

        return array_intersect(array_merge([], ...$named), $words) !== [];
    }

    /**
     * @param  list<Dose>  $doses
     * @param  array<int, self>  $kinds
     * @param  list<string>  $words
     * @return array<int, self>
     */
    private static function named(array $doses, array $kinds, array $words): array
    {
        return array_filter(
            $kinds,
            static fn (int $i): bool => array_intersect(
                array_diff(FoodIndex::words($doses[$i]->text.' '.$doses[$i]->food?->name), self::NONE),
                $words,
            ) !== [],
            ARRAY_FILTER_USE_KEY,
        );
    }

    private static function kind(Food $food, Constants $constants): self
    {
        $n = $food->per100;

        return match (true) {
            $food->role === Role::Mixin &&
                $n->water <= $constants->get('dried-water') &&
                $n->sugars >= $constants->get('dried-sugars') &&
                $n->fat <= $constants->get('dried-fat') => self::Fruit,
            ($food->role === Role::Wet || $n->alcohol > 0) && $food->isLiquid() => self::Liquid,
            default => self::None,
        };
    }
}
