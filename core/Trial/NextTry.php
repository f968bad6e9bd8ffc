<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Brief;
use Aglyca\Core\Conversion;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Swap\AmountKey;
use Aglyca\Core\Swap\Exchange;

/**
 * What a baker would have to say so that a change comes about: the amounts of the swap as they are, but for the one
 * thing.
 */
final class NextTry
{
    public static function brief(Conversion $conversion, Change $change): Brief
    {
        $wishes = $conversion->brief->wishes;
        $brief = $conversion->brief;
        if ($change->cooler !== 0.0) {
            $brief = $brief->wishing(cooler: max(0.0, $wishes->cooler + $change->cooler));
        }
        if ($change->formula === null) {
            return $brief;
        }
        $amounts = $wishes->amounts;
        [$was, $is] = [self::masses($conversion->swap->after), self::masses($change->formula)];
        foreach ($is + $was as $place => $grams) {
            [$component, $food] = explode(':', $place, 2);
            $grams = $is[$place] ?? 0.0;
            $isMoved = abs($grams - ($was[$place] ?? 0.0)) > 0.05;
            $slot = self::slot($conversion, (int) $component, $food, isset($was[$place]));
            if ($isMoved || ($slot === '' && isset($was[$place]))) {
                $amounts[(string) new AmountKey((int) $component, $food, $slot)] = round($grams, 2);
            }
        }

        return $brief->wishing(amounts: $amounts);
    }

    /**
     * A brief whose swap came out as it did, mended by what is still off: one food may stand in two places of a swap.
     */
    public static function mended(Conversion $got, Change $change): Brief
    {
        if ($change->formula === null) {
            return $got->brief;
        }
        $amounts = $got->brief->wishes->amounts;
        [$is, $wanted] = [self::masses($got->swap->after), self::masses($change->formula)];
        foreach ($wanted + $is as $place => $grams) {
            $off = ($wanted[$place] ?? 0.0) - ($is[$place] ?? 0.0);
            if (abs($off) > 0.5) {
                $keys = array_filter(
                    array_keys($amounts),
                    static fn (string $k): bool => $k === $place || str_starts_with($k, "$place:"),
                );
                $key = array_values($keys)[0] ?? ($off > 0 ? "$place:".AmountKey::ADDED : $place);
                $amounts[$key] = round(max(0.0, ($amounts[$key] ?? 0.0) + $off), 2);
            }
        }

        return $got->brief->wishing(amounts: $amounts);
    }

    /** @return array<string, float> grams by "component:food" */
    private static function masses(Formula $formula): array
    {
        $masses = [];
        foreach ($formula->doses as $dose) {
            if ($dose->food !== null && $dose->grams !== null) {
                $masses["$dose->component:{$dose->food->key}"] =
                    ($masses["$dose->component:{$dose->food->key}"] ?? 0.0) + $dose->mass();
            }
        }

        return $masses;
    }

    /** Whether the swap chose a food, a line holds it as it was written, or it is put in on top. */
    private static function slot(Conversion $conversion, int $component, string $food, bool $isThere): string
    {
        $isChosen =
            array_filter(
                $conversion->swap->exchanges,
                static fn (Exchange $e): bool => $e->changed &&
                    $e->component === $component &&
                    $e->indexOf($food) !== null,
            ) !== [];
        if ($isChosen) {
            return '';
        }
        $line =
            array_values(
                array_filter(
                    $conversion->swap->before->doses,
                    static fn (Dose $d): bool => $d->component === $component && $d->food?->key === $food,
                ),
            )[0] ?? null;

        return $isThere && $line !== null ? $line->key : AmountKey::ADDED;
    }
}
