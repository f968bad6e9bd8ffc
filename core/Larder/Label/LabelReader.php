<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder\Label;

use Aglyca\Core\Larder\LabelLaw;
use Aglyca\Core\Tables;

/** What a label leaves open and its law says: which sugar alcohol it means, and how far a figure may be off. */
final readonly class LabelReader
{
    /** @var array<string, array<string, float>> law's column => nutrient or polyol => kcal a gram */
    public array $factors;

    /** @var array<string, array<string, list<array<string, string>>>> law => figure => steps, the lowest first */
    private array $steps;

    public function __construct(Tables $tables)
    {
        [$this->factors, $this->steps] = $tables->worked('label law', static function () use ($tables): array {
            $factors = ['us' => [], 'eu' => []];
            foreach ($tables->rows('energy_factors') as $row) {
                $factors['us'][$row['nutrient']] = (float) $row['us'];
                $factors['eu'][$row['nutrient']] = (float) $row['eu'];
            }
            foreach ($tables->rows('polyols') as $row) {
                if (str_starts_with($row['property'], 'energy-')) {
                    $factors[substr($row['property'], 7)][$row['polyol']] = (float) $row['value'];
                }
            }
            $steps = [];
            foreach ($tables->rows('label_tolerances') as $row) {
                $steps[$row['law']][$row['figure']][] = $row;
            }

            return [$factors, $steps];
        });
    }

    /** Kcal a gram by nutrient and polyol, as the label's law counts them. */
    public function energy(LabelLaw $law): Energies
    {
        return new Energies($this->factors[$law === LabelLaw::UsCanada ? 'us' : 'eu']);
    }

    /**
     * With the sugar alcohol that its energy fits best, where it names none: erythritol has next to no energy, and all
     * others count like maltitol, which is also taken where no energy is printed.
     */
    public function named(Label $label): Label
    {
        if ($label->polyol !== '' || $label->middle('polyols') <= 0) {
            return $label;
        }
        $energies = $this->energy($label->law);
        $n = $label->per100();
        $rest = $label->middle('energy') * 100 / $label->servingGrams - $energies->withoutPolyols($n);
        $nearest = static fn (string $polyol): float => abs($rest - $energies->of($polyol) * $n->polyolGrams());

        return $label->prints('energy') && $nearest('erythritol') < $nearest(Label::UNNAMED)
            ? $label->meaning('erythritol')
            : $label->meaning(Label::UNNAMED);
    }

    /** Standard uncertainty of a figure in 100 g that the law's tolerance leaves: half of it, as 95 in 100 keep it. */
    public function toleranceU(LabelLaw $law, string $figure, float $grams): float
    {
        $tolerance = 0.0;
        foreach ($this->steps[$law->value][$figure] ?? [] as $step) {
            if ($grams >= (float) $step['from_g']) {
                $tolerance = (float) $step['share'] * $grams + (float) $step['grams'];
            }
        }

        return $tolerance / 2;
    }

    /**
     * Of the net carbs in 100 g: the tolerance of what is left of the carbohydrate, and never more than all of it, with
     * those of the fibre and the sugar alcohols that were taken off, each by its own.
     */
    public function netCarbsU(Label $label): float
    {
        $n = $label->per100();
        $left = max(0.0, $n->digestible());
        $off = [
            ...$label->law->carbohydrateHasFibre() ? ['fibre' => $n->fibre] : [],
            ...$label->law->carbohydrateHasPolyols() ? ['polyols' => $n->polyolGrams()] : [],
        ];
        $variance = min($left / 2, $this->toleranceU($label->law, 'carbohydrate', $left)) ** 2;
        foreach ($off as $figure => $grams) {
            $variance += $this->toleranceU($label->law, $figure, $grams) ** 2;
        }

        return sqrt($variance);
    }
}
