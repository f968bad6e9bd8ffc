<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder\Label;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\LabelLaw;
use Aglyca\Core\Tables;

/** Finds labels whose figures contradict each other, and shows the arithmetic. */
final class LabelChecker
{
    /** @var array<string, array<string, float>> law's column => nutrient => kcal a gram */
    private array $factors = ['us' => [], 'eu' => []];

    public function __construct(Tables $tables, private readonly Constants $constants)
    {
        foreach ($tables->rows('energy_factors') as $row) {
            $this->factors['us'][$row['nutrient']] = (float) $row['us'];
            $this->factors['eu'][$row['nutrient']] = (float) $row['eu'];
        }
        foreach ($tables->rows('polyols') as $row) {
            if (str_starts_with($row['property'], 'energy-')) {
                $this->factors[substr($row['property'], 7)][$row['polyol']] = (float) $row['value'];
            }
        }
    }

    /** @return list<string> sentences; none where the label holds together */
    public function contradictions(Label $label): array
    {
        return [...$this->parts($label), ...$this->mass($label), ...$this->energy($label)];
    }

    /** @return list<string> */
    private function parts(Label $label): array
    {
        $inside = array_filter(
            ['fibre', 'sugars', 'polyols', 'allulose'],
            static fn (string $part): bool => $label->prints($part) &&
                ! ($part === 'fibre' && ! $label->law->carbohydrateHasFibre()) &&
                ! ($part === 'polyols' && ! $label->law->carbohydrateHasPolyols()),
        );
        $least = array_sum(array_map($label->low(...), $inside));
        if ($least <= $label->high('carbohydrate') + 1e-9 || $inside === []) {
            return [];
        }
        $sum = implode(' + ', array_map(static fn (string $p): string => self::g($label->middle($p)).' '.$p, $inside));

        return [
            sprintf(
                'The parts are more than the whole: %s = %s g, but the carbohydrate is %s g.',
                $sum,
                self::g(array_sum(array_map($label->middle(...), $inside))),
                self::g($label->middle('carbohydrate')),
            ),
        ];
    }

    /** @return list<string> */
    private function mass(Label $label): array
    {
        $n = $label->per100();
        $sum = (($n->carbohydrate + $n->fat + $n->protein) * $label->servingGrams) / 100;
        $least =
            $label->low('fat') +
            $label->low('protein') +
            $label->law->totalCarbohydrate($label->low('carbohydrate'), $label->low('fibre'), $label->low('polyols'));

        return $least <= $label->servingGrams + 1e-9
            ? []
            : [
                sprintf(
                    'A serving of %s g cannot hold %s g of carbohydrate, fat and protein.',
                    self::g($label->servingGrams),
                    self::g($sum),
                ),
            ];
    }

    /** @return list<string> */
    private function energy(Label $label): array
    {
        if (! $label->prints('energy')) {
            return [];
        }
        $column = $label->law === LabelLaw::UsCanada ? 'us' : 'eu';
        $n = $label->per100()->times($label->servingGrams / 100);
        $digestible = max(0.0, $n->carbohydrate - $n->fibre - $n->polyolGrams() - $n->allulose);
        $terms = [
            'protein' => [$n->protein, $this->factors[$column]['protein']],
            'fat' => [$n->fat, $this->factors[$column]['fat']],
            'carbohydrate' => [$digestible, $this->factors[$column]['carbohydrate']],
            'fibre' => [$n->fibre, $this->factors[$column]['fibre']],
            'sugar alcohol' => [$n->polyolGrams(), $this->factors[$column][$label->polyol] ?? 0.0],
            'allulose' => [$n->allulose, $this->factors[$column]['allulose']],
        ];
        $sum = array_sum(array_map(static fn (array $t): float => $t[0] * $t[1], $terms));
        // Fibre may be printed at nothing to what carbohydrate gives, and each rounded figure may be off by half its
        // step.
        $half = static fn (string $figure): float => ($label->high($figure) - $label->low($figure)) / 2;
        $f = $this->factors[$column];
        $slack =
            $f['fibre'] * $n->fibre +
            $f['carbohydrate'] * $half('carbohydrate') +
            $f['fat'] * $half('fat') +
            $f['protein'] * $half('protein') +
            $half('energy') +
            $this->constants->get('label-energy-differs') * $sum;
        if (abs($sum - $label->middle('energy')) <= $slack) {
            return [];
        }
        $shown = implode(
            ' + ',
            array_map(
                static fn (string $name, array $t): string => self::g($t[0])." g $name × ".self::g($t[1]),
                array_keys(array_filter($terms, static fn (array $t): bool => $t[0] > 0)),
                array_filter($terms, static fn (array $t): bool => $t[0] > 0),
            ),
        );

        return [
            sprintf(
                'The energy does not fit: %s = %.0f kcal, but the label prints %s.',
                $shown === '' ? 'nothing' : $shown,
                $sum,
                self::g($label->middle('energy')),
            ),
        ];
    }

    private static function g(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
