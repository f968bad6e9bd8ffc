<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

/** A diagnosis and a response as open data; `docs/json.md` describes the shapes. */
final class TrialReport
{
    /**
     * @param  list<FoundCause>  $causes
     * @return array<string, list<array<string, mixed>>>
     */
    public static function diagnosis(array $causes): array
    {
        return [
            'causes' => array_map(
                static fn (FoundCause $c): array => [
                    'cause' => $c->label,
                    'key' => $c->key,
                    'probability' => round($c->probability, 4),
                    'because' => $c->because,
                    'against' => $c->against,
                    'change' => $c->change === null ? null : self::change($c->change),
                ],
                $causes,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function response(MeterFile $file, Meal $meal): array
    {
        $curve = $meal->curve;
        $pair = static fn (array $p): array => [round($p[0], 3), round($p[1], 3)];

        return [
            'unit' => $file->unit,
            'baseline_mmol_l' => round($curve->baseline, 3),
            'iauc_mmol_min_l' => round($curve->area, 3),
            'peak_mmol_l' => round($curve->peak, 3),
            'peak_min' => round($curve->peakMinute, 3),
            'points' => array_map($pair, $curve->points),
            'caution' => implode(' ', $meal->told),
            'told' => $meal->told,
            'first_bite_asked' => $meal->isBiteAsked,
            'gaps' => array_map($pair, $meal->gaps),
            'ends' => array_map(static fn (array $e): array => ['min' => $e[0], 'reading' => $e[1]], $file->ends),
            'rows_left_out' => $file->left,
        ];
    }

    /** @return array<string, mixed> */
    private static function change(Change $change): array
    {
        $properties = [];
        foreach ($change->properties as $key => [$before, $after]) {
            $properties["{$key}_ratio"] = [
                'before' => self::ratio($before->ratio()),
                'after' => self::ratio($after->ratio()),
            ];
        }

        return ['what' => $change->what, 'sentence' => $change->sentence, 'properties' => (object) $properties];
    }

    private static function ratio(?float $ratio): ?float
    {
        return $ratio === null ? null : round($ratio, 3);
    }
}
