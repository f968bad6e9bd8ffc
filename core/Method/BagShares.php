<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Snapper;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;

/** One bag that came for two lines is shared out where the method takes them at two steps. */
final readonly class BagShares
{
    public function __construct(private Larder $larder, private Snapper $snapper) {}

    /**
     * @param  list<Operation>  $operations
     * @return array<int, non-empty-list<array{int, int, float}>> by exchange that goes in at several places: each
     *     its operation, its mention, and its share, which add up to one
     */
    public function of(Swap $swap, array $operations): array
    {
        $shares = [];
        foreach ($swap->exchanges as $e => $exchange) {
            $isBag = in_array($exchange->role, [Role::Sweet, Role::Body], true);
            if ($isBag && $exchange->changed && count($exchange->from) > 1) {
                $places = $this->places($swap, $exchange, $operations);
                if (count($places) > 1) {
                    $shares[$e] = $places;
                }
            }
        }

        return $shares;
    }

    /**
     * Grams of a part at one of the places: what is too little to be weighed twice goes in whole with the most.
     *
     * @param  non-empty-list<array{int, int, float}>  $places
     */
    public function grams(Part $part, array $places, int $place): float
    {
        $shares = array_column($places, 2);
        $most = (int) array_search(max($shares), $shares, true);
        if ($this->larder->isConcentrate($part->food)) {
            return $place === $most ? $part->grams : 0.0;
        }
        $weighed = fn (float $share): float => $this->snapper->snap($part->food, $share * $part->grams);
        $grams = array_map($weighed, $shares);
        // The largest takes what weighing leaves over, so that together they are the bag.
        $grams[$most] += $part->grams - array_sum($grams);

        return $grams[$place] ?? 0.0;
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<array{int, int, float}>
     */
    private function places(Swap $swap, Exchange $exchange, array $operations): array
    {
        $left = $exchange->from;
        $places = [];
        foreach ($operations as $i => $operation) {
            foreach ($operation->mentions as $m => $mention) {
                $here = $mention->isMixture ? [] : array_intersect($left, $mention->doses);
                if ($here !== []) {
                    $left = array_diff($left, $here);
                    $places[] = [$i, $m, $this->mass($swap, $here)];
                }
            }
        }
        if ($places === []) {
            return [];
        }
        // Of what no sentence speaks nobody knows better than with the first.
        $places[0][2] += $this->mass($swap, $left);
        $all = max(1e-9, array_sum(array_column($places, 2)));

        return array_map(static fn (array $p): array => [$p[0], $p[1], $p[2] / $all], $places);
    }

    /** @param  array<int>  $doses */
    private function mass(Swap $swap, array $doses): float
    {
        return array_sum(array_map(static fn (int $d): float => $swap->before->doses[$d]->mass(), $doses));
    }
}
