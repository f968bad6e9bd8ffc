<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Quantity\Estimate;

/**
 * What removing, halving or exchanging one line would do to a serving; by "measure" a convention or a figure is meant.
 */
final readonly class WhatIf
{
    public function __construct(private Accountant $accountant, private Larder $larder) {}

    public function total(Serving $serving, Convention|Figure $measure): float
    {
        return $measure instanceof Convention ? $serving->net($measure) : $measure->of($serving->sum);
    }

    /** @return list<float> of each dose */
    public function carried(Serving $serving, Convention|Figure $measure): array
    {
        return $measure instanceof Convention
            ? $serving->contributions($measure)
            : array_map($measure->of(...), $serving->lines);
    }

    /** What the serving would hold with a line at a share of itself. */
    public function totalAt(Serving $serving, int $line, float $share, Convention|Figure $measure): float
    {
        // All but the clinic's thresholds are sums over the lines.
        return $measure === Convention::Clinic
            ? $this->total($this->at($serving, $line, $share), $measure)
            : $this->total($serving, $measure) - (1 - $share) * $this->carried($serving, $measure)[$line];
    }

    /** The serving with a line at a share of itself: 0 removes it, a half halves it. */
    public function at(Serving $serving, int $line, float $share): Serving
    {
        $shares = $serving->shares;
        $shares[$line] *= $share;

        return $this->accountant->serve($serving->name, $serving->doses, array_values($shares));
    }

    /** The serving with another food on a line, gram for gram or by a ratio of grams. */
    public function exchanged(Serving $serving, int $line, Food $food, float $ratio = 1.0): Serving
    {
        $doses = $serving->doses;
        $was = $doses[$line];
        $doses[$line] = new Dose(
            $was->text,
            $food,
            $was->grams?->times($ratio) ?? Estimate::exactly(0.0),
            $was->component,
            [],
            $was->key,
            $was->used,
        );

        return $this->accountant->serve($serving->name, array_values($doses), $serving->shares);
    }

    /** Grams of one food that do the work of a gram of another: sweeteners by their sweetness, all else by weight. */
    public function exchangeRatio(Food $was, Food $food): float
    {
        [$a, $b] = [$this->larder->typical($was, 'sweetness'), $this->larder->typical($food, 'sweetness')];

        return $was->role === Role::Sweet && $food->role === Role::Sweet && $a > 0 && $b > 0 ? $a / $b : 1.0;
    }
}
