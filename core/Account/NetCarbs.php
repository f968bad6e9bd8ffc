<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Nutrients;
use Aglyca\Core\Tables;

/**
 * Net carbs of an amount of food by each convention. All but the clinic's are sums over the foods; the
 * clinic's thresholds are for a piece as a whole, so what counts of fibre and polyols depends on the piece.
 */
final readonly class NetCarbs
{
    /** @var array<string, float> polyol => share of its grams that counts */
    private array $glycaemic;

    private Constants $constants;

    public function __construct(Tables $tables, Constants $constants)
    {
        $shares = [];
        foreach ($tables->rows('polyols') as $row) {
            if ($row['property'] === 'glycaemic-index') {
                $shares[$row['polyol']] = (float) $row['value'] / 100;
            }
        }
        $this->glycaemic = $shares;
        $this->constants = $constants;
    }

    /**
     * Grams of net carbs, not floored.
     *
     * @param  Nutrients  $piece  the whole piece that the food is in, for the clinic's thresholds
     */
    public function of(Convention $convention, Nutrients $n, Nutrients $piece): float
    {
        $available = $n->carbohydrate - $n->fibre - $n->organicAcids;

        return match ($convention) {
            Convention::LowCarb => $n->digestible(),
            Convention::HalfPolyol => $available - $n->allulose - $this->offHalved($n),
            Convention::Weighted => $n->digestible() + $this->weighted($n),
            Convention::Available => $available,
            Convention::Clinic => $this->clinic($n, $piece),
        };
    }

    private function offHalved(Nutrients $n): float
    {
        $erythritol = $n->polyols['erythritol'] ?? 0.0;

        return $erythritol + (1 - $this->constants->get('half-polyol-share')) * ($n->polyolGrams() - $erythritol);
    }

    private function weighted(Nutrients $n): float
    {
        $sum = 0.0;
        foreach ($n->polyols as $name => $grams) {
            // A polyol without a measured index counts whole.
            $sum += $grams * ($this->glycaemic[$name] ?? 1.0);
        }

        return $sum;
    }

    private function clinic(Nutrients $n, Nutrients $piece): float
    {
        $off = $this->constants->get('clinic-share-off');
        $fibre = $piece->fibre > $this->constants->get('clinic-fibre-threshold') ? $off : 0.0;
        // Erythritol alone is hardly used by the body, and comes off whole.
        $isErythritol = array_keys(array_filter($piece->polyols)) === ['erythritol'];
        $polyols = match (true) {
            $isErythritol => 1.0,
            $piece->polyolGrams() > $this->constants->get('clinic-polyol-threshold') => $off,
            default => 0.0,
        };

        return $n->carbohydrate - $fibre * $n->fibre - $polyols * $n->polyolGrams();
    }
}
