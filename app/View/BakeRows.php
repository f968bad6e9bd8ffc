<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Kernel;
use Aglyca\Core\Trial\Judged;
use App\Models\Bake;

/** Two bakes side by side: what differs in the recipe, in the doing and in the judgement. */
final class BakeRows
{
    /** @return list<array{name: string, a: string, b: string}> */
    public static function of(Kernel $kernel, Bake $a, Bake $b): array
    {
        $recipe =
            $a->version_id === $b->version_id
                ? []
                : VersionRows::of(
                    $kernel->convert($a->recipe->briefOf($a->version)),
                    $kernel->convert($b->recipe->briefOf($b->version)),
                );
        $rows = [['name' => 'Mark', 'a' => (string) ($a->mark ?? '–'), 'b' => (string) ($b->mark ?? '–')]];
        foreach (
            [
                'minutes' => ['Minutes in the oven', ''],
                'heat_c' => ['Heat', ' °C'],
                'mass_g' => ['Mass after baking', ' g'],
                'height_cm' => ['Height', ' cm'],
                'pieces' => ['Pieces that came out', ''],
            ] as $column => [$name, $unit]
        ) {
            $said = static fn (Bake $x): string => $x->$column === null
                ? '–'
                : Figures::grams((float) $x->$column).$unit;
            $rows[] = ['name' => $name, 'a' => $said($a), 'b' => $said($b)];
        }
        foreach (Judged::THINGS as $thing => $name) {
            $said = static fn (Bake $x): string => Judged::tryFrom((string) ($x->judgement[$thing] ?? ''))?->words() ??
                '–';
            $rows[] = ['name' => $name, 'a' => $said($a), 'b' => $said($b)];
        }

        return array_values(array_filter([...$rows, ...$recipe], static fn (array $r): bool => $r['a'] !== $r['b']));
    }
}
