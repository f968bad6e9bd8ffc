<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Nutrients;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Reading\Flag;
use LogicException;

/** So much of a food in a component; where food or grams are not known, it is carried along and counts as nothing. */
final readonly class Dose
{
    /**
     * A record: what a line says, and what the method does with it.
     *
     * @param  list<Flag>  $flags
     * @param  list<string>  $possibleAllergens  of what it may be, where its food is guessed or not known
     * @param  float  $used  the share of it that is eaten; the rest stays on the board, in the tin or for another day
     */
    public function __construct(
        public string $text,
        public ?Food $food,
        public ?Estimate $grams,
        public int $component = 0,
        public array $flags = [],
        public string $key = '',
        public float $used = 1.0,
        public array $possibleAllergens = [],
        public Soaking $soaking = Soaking::None,
    ) {}

    public function mass(): float
    {
        return $this->grams->value ?? 0.0;
    }

    /** Grams that go into the mix: of fat to fry in, what is taken up. */
    public function mixed(): float
    {
        return $this->mass() * ($this->isFriedIn() ? $this->used : 1.0);
    }

    /** Something is fried in it, and takes up a share of it. */
    public function isFriedIn(): bool
    {
        return in_array(Flag::FriedIn, $this->flags, true);
    }

    /** @param  float  $share  that is taken up */
    public function friedIn(float $share): self
    {
        return new self(
            $this->text, $this->food, $this->grams, $this->component, [...$this->flags, Flag::FriedIn], $this->key,
            $share, $this->possibleAllergens, $this->soaking,
        );
    }

    /** It is rolled in, sprinkled or dusted on: the water of the mix dissolves none of it. */
    public function isOutside(): bool
    {
        return in_array(Flag::Outside, $this->flags, true);
    }

    /** It binds what is liquid, and is no crumb. */
    public function isThickener(): bool
    {
        return in_array(Flag::Thickens, $this->flags, true);
    }

    /** Nobody says how much of it there is, nor what for. */
    public function isDusted(): bool
    {
        return in_array(Flag::DustingAssumed, $this->flags, true);
    }

    /** It is browned by itself. */
    public function isCaramel(): bool
    {
        return in_array(Flag::Caramel, $this->flags, true);
    }

    /** Syrup below what is mixed. */
    public function isLaid(): bool
    {
        return in_array(Flag::Laid, $this->flags, true);
    }

    public function flagged(Flag $flag): self
    {
        return new self(
            $this->text, $this->food, $this->grams, $this->component, [...$this->flags, $flag], $this->key,
            $this->used, $this->possibleAllergens, $this->soaking,
        );
    }

    /**
     * @phpstan-assert-if-true !null $this->food
     * @phpstan-assert-if-true !null $this->grams
     */
    public function isCounted(): bool
    {
        return $this->food !== null && $this->grams !== null;
    }

    /** Of all of it. */
    public function nutrients(): Nutrients
    {
        return $this->isCounted() ? $this->food->nutrients($this->grams->value) : new Nutrients();
    }

    /** @throws LogicException where nobody knows what it is: ask only of what was sorted by its food */
    public function known(): Food
    {
        return $this->food ?? throw new LogicException("\"$this->text\" is no known food.");
    }

    /** Not all of its name was understood. */
    public function isGuessed(): bool
    {
        return in_array(Flag::FoodGuessed, $this->flags, true);
    }

    public function usedBy(float $share): self
    {
        return new self(
            $this->text,
            $this->food,
            $this->grams,
            $this->component,
            $this->flags,
            $this->key,
            $share,
            $this->possibleAllergens,
            $this->soaking,
        );
    }

    public function of(?Food $food, ?Estimate $grams, string $text): self
    {
        return new self(
            $text,
            $food,
            $grams,
            $this->component,
            $this->flags,
            $this->key,
            $this->used,
            $this->possibleAllergens,
            $this->soaking,
        );
    }

    public function soaking(Soaking $soaking): self
    {
        return new self(
            $this->text,
            $this->food,
            $this->grams,
            $this->component,
            $this->flags,
            $this->key,
            $this->used,
            $this->possibleAllergens,
            $soaking,
        );
    }
}
