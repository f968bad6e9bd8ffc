<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Quantity\Altered;
use Aglyca\Core\Quantity\Estimate;

/** One ingredient line as read: the text as typed, what was taken for its amount and food, and what is in doubt. */
final readonly class Line
{
    use Altered;

    /**
     * A record: each of its parts is read on its own.
     *
     * @param  string  $key  stays the same while the line's text does
     * @param  string  $typed  the line as typed
     * @param  string  $text  the same, or where the line names several things the words for this one
     * @param  string  $amount  the amount as written
     * @param  string  $name  the part taken for the food's name
     * @param  list<string>  $rivals  food keys that the name could also mean
     * @param  list<Flag>  $flags
     * @param  list<Measure>  $measures  all that the line gives for it
     * @param  ?Span  $amountSpan  where in what was typed the amount stands
     * @param  ?Span  $nameSpan  where in what was typed the food's name stands
     * @param  list<string>  $possibleAllergens  of what it may be, where its food is guessed or not known
     */
    public function __construct(
        public string $key,
        public string $typed,
        public string $text,
        public string $amount,
        public string $name,
        public ?Food $food,
        public ?Estimate $grams,
        public array $rivals,
        public array $flags,
        public int $component = 0,
        public array $measures = [],
        public ?Span $amountSpan = null,
        public ?Span $nameSpan = null,
        public array $possibleAllergens = [],
    ) {}

    /** Of an amount that is for one piece; what the baker said is of all. */
    public function times(int $pieces): self
    {
        return $pieces === 1 || $this->has(Flag::Corrected)
            ? $this
            : $this->but(grams: $this->grams?->times($pieces));
    }

    public function has(Flag $flag): bool
    {
        return in_array($flag, $this->flags, true);
    }

    public function isDoubtful(): bool
    {
        foreach ($this->flags as $flag) {
            if ($flag->isDoubt()) {
                return true;
            }
        }

        return false;
    }

    /** The first amount as written; null where none was found. */
    public function measure(): ?Measure
    {
        return $this->measures[0] ?? null;
    }
}
