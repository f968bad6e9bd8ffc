<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Quantity\Duration;
use Aglyca\Core\Tables;

/** In what else than the recipe's oven, iron or pan a family is baked, and how (`data/appliances.csv`). */
final readonly class Appliances
{
    /** @var array<string, array<string, ApplianceWay>> by family and appliance */
    private array $ways;

    public function __construct(Tables $tables)
    {
        $ways = [];
        foreach ($tables->rows('appliances') as $row) {
            $ways[$row['family']][$row['appliance']] = new ApplianceWay(
                $row['appliance'],
                Duration::minutes((float) $row['minutes_low'], (float) $row['minutes_high']),
                $row['text'],
            );
        }
        $this->ways = $ways;
    }

    /**
     * How the first of the parts is baked that is baked in it at all; null where none is.
     *
     * @param  list<Family>  $families
     */
    public function way(array $families, string $appliance): ?ApplianceWay
    {
        foreach ($families as $family) {
            if (isset($this->ways[$family->key][$appliance])) {
                return $this->ways[$family->key][$appliance];
            }
        }

        return null;
    }

    /**
     * @param  list<Family>  $families
     * @return list<string> appliances
     */
    public function of(array $families): array
    {
        $ways = array_map(fn (Family $f): array => $this->ways[$f->key] ?? [], $families);

        return array_keys(array_merge([], ...$ways));
    }
}
