<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Kept;

use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\Timing;

/** How a kept reading and today's differ, in what a baker can see. */
final class Differences
{
    /** Grams: what is shown is rounded to tenths. */
    private const SEEN = 0.05;

    private function __construct() {}

    /** @return list<Difference> */
    public static function of(Recipe $kept, Recipe $today): array
    {
        $all = [];
        if ($kept->title !== $today->title) {
            $all[] = new Difference('title', '', $kept->title, $today->title);
        }
        if ($kept->pieces !== $today->pieces) {
            $all[] = new Difference('pieces', '', self::number($kept), self::number($today));
        }
        [$was, $is] = [array_column($kept->lines, null, 'key'), array_column($today->lines, null, 'key')];
        foreach ($was + $is as $key => $line) {
            if (! self::isSame($was[$key] ?? null, $is[$key] ?? null)) {
                $all[] = new Difference(
                    'line', $line->text, self::name($was[$key] ?? null), self::name($is[$key] ?? null),
                    ($was[$key] ?? null)?->grams?->value, ($is[$key] ?? null)?->grams?->value,
                );
            }
        }
        [$was, $is] = [array_column($kept->steps, null, 'text'), array_column($today->steps, null, 'text')];
        foreach ($was + $is as $text => $step) {
            [$one, $other] = [self::said($was[$text] ?? null), self::said($is[$text] ?? null)];
            if ($one !== $other) {
                $all[] = new Difference('step', (string) $text, $one, $other);
            }
        }

        return $all;
    }

    private static function isSame(?Line $was, ?Line $is): bool
    {
        return $was !== null && $is !== null && $was->food?->key === $is->food?->key
            && ($was->grams === null) === ($is->grams === null)
            && abs(($was->grams->value ?? 0.0) - ($is->grams->value ?? 0.0)) < self::SEEN;
    }

    private static function number(Recipe $recipe): ?string
    {
        return $recipe->pieces === null ? null : "$recipe->pieces {$recipe->pieceWord($recipe->pieces)}";
    }

    private static function name(?Line $line): ?string
    {
        return $line === null ? null : $line->food->name ?? '';
    }

    /** Heats on the dial and minutes: "180 °C, 25–30 min". */
    private static function said(?Step $step): ?string
    {
        if ($step === null) {
            return null;
        }
        $range = static fn (Timing $t): string => $t->low === $t->high
            ? self::plain($t->low)
            : self::plain($t->low).'–'.self::plain($t->high);

        return implode(', ', [
            ...array_map(static fn (Heat $h): string => $h->temperature->celsiusOnDial(1).' °C', $step->heats),
            ...array_map(static fn (Timing $t): string => $range($t).' min', $step->times),
        ]);
    }

    private static function plain(float $minutes): string
    {
        return rtrim(rtrim(sprintf('%.1f', $minutes), '0'), '.');
    }
}
