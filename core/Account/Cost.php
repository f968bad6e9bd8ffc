<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Formula;

/** What a batch costs by the prices in the Pantry; what is bought and not eaten is paid for too. */
final readonly class Cost
{
    /**
     * @param  array<int, float>  $lines  by dose, of those whose price is known
     * @param  list<string>  $unpriced  names of what weighs something and has no price
     */
    private function __construct(
        public float $batch,
        public float $piece,
        public array $lines,
        public array $unpriced,
        public float $knownShare,
    ) {}

    /** @param  float  $light  grams below which a thing without a price is not named */
    public static function of(Formula $formula, float $light): self
    {
        [$lines, $unpriced, $known, $mass] = [[], [], 0.0, 0.0];
        foreach ($formula->doses as $i => $dose) {
            if ($dose->food === null || $dose->food->key === 'water') {
                continue;
            }
            $mass += $dose->mass();
            if ($dose->food->pricePerGram !== null) {
                $lines[$i] = $dose->food->pricePerGram * $dose->mass();
                $known += $dose->mass();
            } elseif ($dose->mass() > $light) {
                $unpriced[$dose->food->name] = true;
            }
        }
        $batch = array_sum($lines);

        return new self(
            $batch,
            $batch / $formula->pieces,
            $lines,
            array_keys($unpriced),
            $mass > 0 ? $known / $mass : 0.0,
        );
    }

    public function isComplete(): bool
    {
        return $this->unpriced === [] && $this->lines !== [];
    }
}
