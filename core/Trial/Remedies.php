<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Snapper;
use Aglyca\Core\Tables;
use Aglyca\Core\Writing\KitchenMeasure;

/** What to do while it is being mixed: rows of `data/remedies.csv`, in grams for the batch in the bowl. */
final readonly class Remedies
{
    private const EVERY = '*';

    /** @var list<array<string, string>> */
    private array $rows;

    public function __construct(
        Tables $tables,
        private Larder $larder,
        private Snapper $snapper,
        private KitchenMeasure $measures,
    ) {
        $this->rows = $tables->rows('remedies');
    }

    /**
     * @param  float  $mass  grams in the bowl
     * @return list<Remedy>
     */
    public function of(Family $family, float $mass): array
    {
        $found = [];
        foreach ($this->rows as $row) {
            if ($row['pattern'] === $family->pattern || $row['pattern'] === self::EVERY) {
                $found[] = $this->remedy($row, $mass);
            }
        }

        return $found;
    }

    /** @param  array<string, string>  $row */
    private function remedy(array $row, float $mass): Remedy
    {
        if ($row['by'] === 'none') {
            return new Remedy($row['symptom'], $row['label'], $row['text'], null, 0.0);
        }
        $food = $this->larder->get($row['food']);
        $share = (float) $row['amount'] * $mass;
        // What drinks is dosed by the water that it has to take up.
        $grams = $this->snapper->snap(
            $food,
            $row['by'] === 'drinks' ? $share / $this->larder->typical($food, 'thirst') : $share,
        );
        $measure = $this->measures->say($food, $grams);
        $amount = round($grams, 1).' g '.mb_strtolower($food->name).($measure === '' ? '' : " ($measure)");

        return new Remedy($row['symptom'], $row['label'], strtr($row['text'], ['{amount}' => $amount]), $food, $grams);
    }
}
