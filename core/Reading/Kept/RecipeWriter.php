<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Kept;

use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\Pan;
use Aglyca\Core\Reading\Flag;
use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\Measure;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\Span;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\TextRow;
use Aglyca\Core\Reading\Timing;

/** What was read of a text, as plain arrays that JSON can hold: spans, fates, foods, amounts. */
final class RecipeWriter
{
    private function __construct() {}

    /** @return array<string, mixed> */
    public static function of(Recipe $recipe): array
    {
        return [
            'title' => $recipe->title,
            'pieces' => $recipe->pieces,
            'piece' => $recipe->pieceName,
            'parts' => $recipe->components,
            'lines' => array_map(self::line(...), $recipe->lines),
            'steps' => array_map(self::step(...), $recipe->steps),
            'rows' => array_map(self::row(...), $recipe->rows),
            'measures' => [
                'system' => $recipe->measures->system,
                'evidence' => $recipe->measures->evidence,
                'said' => $recipe->measures->isSaid,
                // The older tree that reads what stood before knows nothing of it.
                'grams' => get_object_vars($recipe->measures)['isInGrams'] ?? false,
            ],
            'pan' => $recipe->pan === null ? null : self::pan($recipe->pan),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(Line $line): array
    {
        return [
            'key' => $line->key,
            'typed' => $line->typed,
            'text' => $line->text,
            'amount' => $line->amount,
            'name' => $line->name,
            'food' => $line->food?->key,
            'package' => $line->food->package ?? '',
            'allergens' => $line->food->allergens ?? [],
            'grams' => $line->grams === null ? null : self::estimate($line->grams),
            'rivals' => $line->rivals,
            'flags' => array_map(static fn (Flag $f): string => $f->value, $line->flags),
            'part' => $line->component,
            'measures' => array_map(self::measure(...), $line->measures),
            'amount_at' => self::span($line->amountSpan),
            'name_at' => self::span($line->nameSpan),
            'possible' => $line->possibleAllergens,
        ];
    }

    /** @return array<string, mixed> */
    private static function measure(Measure $measure): array
    {
        return [
            'count' => self::estimate($measure->count),
            'unit' => $measure->unit?->key,
            'decimals' => $measure->decimals,
            'size' => $measure->size === null ? null : self::measure($measure->size),
            'plus' => $measure->plus === null ? null : self::measure($measure->plus),
            'spread' => $measure->spread,
        ];
    }

    /** @return array<string, mixed> */
    private static function step(Step $step): array
    {
        return [
            'text' => $step->text,
            'bakes' => $step->isBake,
            'heats' => array_map(
                static fn (Heat $h): array => [
                    'at' => $h->at, 'length' => $h->length, 'c' => $h->temperature->celsius, 'oven' => $h->isOven,
                    'fan' => $h->isFan, 'says_fan' => $h->saysFan, 'fahrenheit' => $h->isFahrenheit,
                ],
                $step->heats,
            ),
            'times' => array_map(
                static fn (Timing $t): array => [
                    'at' => $t->at, 'length' => $t->length, 'low' => $t->low, 'high' => $t->high,
                    'bakes' => $t->isBaking,
                ],
                $step->times,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function row(TextRow $row): array
    {
        return [
            'key' => $row->key, 'text' => $row->text, 'fate' => $row->fate->value, 'said' => $row->isSaid,
            'doubt' => $row->isDoubtful,
        ];
    }

    /** @return array{float, float} */
    private static function estimate(Estimate $estimate): array
    {
        return [$estimate->value, $estimate->u];
    }

    /** @return ?array{int, int} */
    private static function span(?Span $span): ?array
    {
        return $span === null ? null : [$span->at, $span->length];
    }

    /** @return array<string, mixed> */
    private static function pan(Pan $pan): array
    {
        return ['length' => $pan->length, 'width' => $pan->width, 'round' => $pan->isRound, 'depth' => $pan->depth];
    }
}
