<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Food;

/** Grams of one candidate ingredient: a variable of the programme. */
final readonly class Offer
{
    /**
     * A record: a column of the programme, each of its figures in a row of its own.
     *
     * @param  float  $most  that the programme may put in on top of `$base`
     * @param  float  $practice  of that, what is usual
     * @param  float  $cost  of a gram in the programme: what is rather not used
     * @param  string  $why  from the table that offers it
     * @param  float  $base  grams that are there whatever the programme decides
     * @param  ?int  $dose  of the formula as written, where it is more or less of one that is there
     */
    public function __construct(
        public Food $food,
        public Purpose $purpose,
        public float $most,
        public float $practice,
        public float $cost,
        public string $why,
        public SugarForm $form = SugarForm::Granulated,
        public float $base = 0.0,
        public ?int $dose = null,
    ) {}

    /** The same, held at grams that the baker typed. */
    public function heldAt(float $grams): self
    {
        return new self($this->food, $this->purpose, 0.0, 0.0, 0.0, $this->why, $this->form, $grams, $this->dose);
    }

    public function isHeld(): bool
    {
        return $this->most === 0.0 && $this->base > 0;
    }
}
