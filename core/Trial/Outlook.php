<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Family\Solubility;
use Aglyca\Core\Forecast\Bounds;
use Aglyca\Core\Forecast\Forecaster;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;

/** What is to be expected of a baked dessert, or of it with a change, against what it was swapped from. */
final readonly class Outlook
{
    private const ROWS = ['bulk', 'moisture', 'fat', 'structure', 'browning', 'grain', 'cool'];

    public function __construct(private Forecaster $forecaster, private Constants $constants) {}

    /**
     * @param  float  $cooler  °C
     * @param  float  $longer  share of the minutes
     * @return array<string, Property>
     */
    public function of(Baked $baked, Formula $formula, float $cooler = 0.0, float $longer = 0.0): array
    {
        $minutes = $baked->minutes ?? $baked->family->minutes;
        $reference = fn (float $heat, float $for): float => $for *
            2 ** (($heat - $this->constants->get('browning-reference')) / $this->constants->get('browning-doubling'));
        $heat = $baked->heat ?? $baked->family->heat;
        $bands = [];
        foreach (self::ROWS as $row) {
            $band = $baked->family->band($row);
            if ($band->weight > 0) {
                $bands[$row] = new Bounds($band->low, $band->high);
            }
        }
        $against = $baked->against ?? $baked->formula;

        return $this->forecaster->compare(
            $against,
            $formula,
            $baked->family->bakeLoss,
            $reference($heat, $minutes),
            $reference($heat - $cooler, $minutes * (1 + $longer)),
            $bands,
            Solubility::at($baked->family, $this->constants),
        );
    }
}
