<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Forecast\Property;

/** How the swapped dessert will differ: a line for each property, its band, before and after. */
final class DifferenceRows
{
    private const WIDTH = 200.0;

    private const BAND_FROM = 50.0;

    private const BAND_TO = 150.0;

    /**
     * @param  array<string, Property>  $properties
     * @return list<array<string, mixed>>
     */
    public static function of(array $properties): array
    {
        $rows = [];
        foreach ($properties as $p) {
            if ($p->before <= 0 && $p->after <= 0) {
                continue;
            }
            $rows[] = [
                'key' => $p->key,
                'name' => $p->name,
                'text' => $p->difference(),
                'outside' => $p->isOutside(),
                'band' => $p->high !== null,
                'from' => $p->low === null ? '0' : sprintf('%.1f', self::BAND_FROM),
                'wide' => sprintf('%.1f', self::BAND_TO - ($p->low === null ? 0.0 : self::BAND_FROM)),
                'before' => self::x($p, $p->before),
                'after' => self::x($p, $p->after),
                'said' => $p->high === null
                        ? ''
                        : ($p->isOutside()
                            ? ($p->after > $p->high
                                ? 'above its band'
                                : 'below its band')
                            : 'within its band'),
            ];
        }

        return $rows;
    }

    private static function x(Property $p, float $value): string
    {
        if (! is_finite($value)) {
            return sprintf('%.1f', self::WIDTH - 6);
        }
        $high = $p->high ?? max($p->before, $p->after, 1e-9) * 1.1;
        $x =
            $p->low === null
                ? ($value / max($high, 1e-9)) * self::BAND_TO
                : self::BAND_FROM +
                    (($value - $p->low) / max($high - $p->low, 1e-9)) * (self::BAND_TO - self::BAND_FROM);

        return sprintf('%.1f', max(6.0, min(self::WIDTH - 6, $x)));
    }
}
