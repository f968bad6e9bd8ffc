<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Quantity\Estimate;

/** One ingredient line as read: the text as typed, what was taken for its amount and food, and what is in doubt. */
final readonly class Line
{
    /**
     * @param  string  $key  stays the same while the line's text does
     * @param  string  $amount  the amount as written
     * @param  string  $name  the part taken for the food's name
     * @param  list<string>  $rivals  food keys that the name could also mean
     * @param  list<Flag>  $flags
     */
    public function __construct(
        public string $key,
        public string $text,
        public string $amount,
        public string $name,
        public ?Food $food,
        public ?Estimate $grams,
        public array $rivals,
        public array $flags,
        public int $component = 0,
    ) {}

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

    /** The same line with what the baker said of it; what was typed stays. */
    public function corrected(?Food $food, ?Estimate $grams): self
    {
        $settled = [
            ...($food === null ? [] : [Flag::UnknownFood, Flag::FoodGuessed, Flag::Choice]),
            ...($grams === null ? [] : [Flag::NoAmount, Flag::MeasuresDisagree, Flag::DensityByKind, Flag::VagueAmount, Flag::HugeAmount, Flag::NotAnAmount, Flag::OuncesByWeight, Flag::OuncesByVolume, Flag::UsedInPart]),
        ];
        $flags = array_values(array_filter($this->flags, static fn (Flag $f): bool => ! in_array($f, $settled, true)));

        return new self($this->key, $this->text, $this->amount, $this->name, $food ?? $this->food, $grams ?? $this->grams, $this->rivals, [...$flags, Flag::Corrected], $this->component);
    }
}
