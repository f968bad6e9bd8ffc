<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Tables;

/** Baking soda against the acids of a mix, in milli-equivalents; baking powder is balanced in itself. */
final class AcidBalance
{
    /** @var array<string, array{int, float}> protons and molar mass by acid */
    private array $acids = [];

    public function __construct(Tables $tables)
    {
        foreach ($tables->rows('acids') as $row) {
            $this->acids[$row['acid']] = [(int) $row['protons'], (float) $row['molar_mass']];
        }
    }

    /** Milli-equivalents of so many grams of an acid, or of baking soda. */
    public function equivalents(string $acid, float $grams): float
    {
        [$protons, $mass] = $this->acids[$acid];

        return 1000 * $grams * $protons / $mass;
    }

    /** Grams of baking soda that the acids do not use up; below zero where acid is left over. */
    public function leftOverSoda(Formula $formula): float
    {
        $balance = 0.0;
        foreach ($formula->doses as $dose) {
            if ($dose->food === null) {
                continue;
            }
            $balance +=
                $dose->food->key === 'baking-soda' ? $this->equivalents('sodium-bicarbonate', $dose->mass()) : 0.0;
            foreach ($dose->food->acids as $acid => $grams) {
                $balance -= $this->equivalents($acid, $grams * $dose->mass() / 100);
            }
        }

        return $balance / $this->equivalents('sodium-bicarbonate', 1.0);
    }
}
