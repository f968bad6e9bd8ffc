<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Quantity\Duration;
use Aglyca\Core\Tables;

/** In what else than the recipe's oven, iron or pan a family is baked, and how (`data/appliances.csv`). */
final readonly class Appliances
{
    /** @var array<string, array<string, array<string, string>>> rows by family and appliance */
    private array $ways;

    public function __construct(Tables $tables)
    {
        $this->ways = $tables->keyedTwice('appliances', 'family', 'appliance');
    }

    /**
     * How the first of the parts is baked that is baked in it at all; null where none is.
     *
     * @param  list<Family>  $families
     */
    public function way(array $families, string $appliance): ?ApplianceWay
    {
        foreach ($families as $family) {
            $row = $this->ways[$family->key][$appliance] ?? null;
            if ($row !== null) {
                $minutes = Duration::minutes((float) $row['minutes_low'], (float) $row['minutes_high']);

                return new ApplianceWay($row['appliance'], $minutes, $row['text']);
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
