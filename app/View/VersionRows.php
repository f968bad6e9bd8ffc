<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Conversion;

/** What differs between two versions of a dessert: ingredients, figures and oven; what is the same is left out. */
final class VersionRows
{
    /** @return list<array{name: string, a: string, b: string}> */
    public static function of(Conversion $a, Conversion $b): array
    {
        $convention = $b->brief->convention;
        $rows = [
            [
                'name' => 'Net carbs a piece, '.$convention->value,
                'a' => Figures::one($a->after->net($convention)).' g',
                'b' => Figures::one($b->after->net($convention)).' g',
            ],
            [
                'name' => 'Pieces',
                'a' => Figures::count($a->after->formula->pieces),
                'b' => Figures::count($b->after->formula->pieces),
            ],
            [
                'name' => 'Oven lower by',
                'a' => Figures::whole($a->swap->oven->loweredByCelsius).' °C',
                'b' => Figures::whole($b->swap->oven->loweredByCelsius).' °C',
            ],
        ];
        [$x, $y] = [self::grams($a), self::grams($b)];
        foreach (array_keys($x + $y) as $name) {
            $rows[] = [
                'name' => (string) $name,
                'a' => isset($x[$name]) ? Figures::grams($x[$name]).' g' : '–',
                'b' => isset($y[$name]) ? Figures::grams($y[$name]).' g' : '–',
            ];
        }
        foreach ($a->properties as $key => $property) {
            $other = $b->properties[$key];
            if ($property->ratio() !== null && $other->ratio() !== null) {
                $rows[] = [
                    'name' => $property->name.', of the dessert as written',
                    'a' => Figures::percent($property->ratio()).' %',
                    'b' => Figures::percent($other->ratio()).' %',
                ];
            }
        }

        return array_values(array_filter($rows, static fn (array $row): bool => $row['a'] !== $row['b']));
    }

    /** @return array<string, float> */
    private static function grams(Conversion $conversion): array
    {
        $grams = [];
        foreach ($conversion->after->formula->doses as $dose) {
            $name = $dose->food->name ?? $dose->text;
            $grams[$name] = ($grams[$name] ?? 0.0) + $dose->mass();
        }

        return $grams;
    }
}
