<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\Recipe;
use InvalidArgumentException;

/** A dessert as doses in components, and the pieces that it makes. */
final readonly class Formula
{
    /**
     * @param  list<string>  $components  names
     * @param  list<Dose>  $doses
     */
    private function __construct(public string $title, public array $components, public array $doses, public float $pieces) {}

    /**
     * @param  list<string>  $components
     * @param  list<Dose>  $doses
     *
     * @throws InvalidArgumentException where the pieces are not more than zero
     */
    public static function of(string $title, array $components, array $doses, float $pieces): self
    {
        if (! ($pieces > 0)) {
            throw new InvalidArgumentException('A dessert is cut into at least one piece.');
        }

        return new self($title, $components, $doses, $pieces);
    }

    /** Where the recipe does not say how many pieces it makes, it is counted whole. */
    public static function asWritten(Recipe $recipe, ?float $pieces): self
    {
        $doses = array_map(
            static fn (Line $l): Dose => new Dose($l->text, $l->food, $l->grams, $l->component, $l->flags, $l->key),
            $recipe->lines,
        );

        return self::of($recipe->title, $recipe->components, $doses, $pieces ?? $recipe->pieces ?? 1);
    }

    /** @param  list<Dose>  $doses */
    public function with(array $doses): self
    {
        return new self($this->title, $this->components, $doses, $this->pieces);
    }

    /** Grams mixed, of all doses whose grams are known. */
    public function mass(): float
    {
        return array_sum(array_map(static fn (Dose $d): float => $d->mass(), $this->doses));
    }

    public function gramsOf(string $foodKey): float
    {
        $grams = 0.0;
        foreach ($this->doses as $dose) {
            $grams += $dose->food?->key === $foodKey ? $dose->mass() : 0.0;
        }

        return $grams;
    }
}
