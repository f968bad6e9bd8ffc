<?php

declare(strict_types=1);

namespace App\Rules;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A number within limits; what is wrong with any other is said in the field's own words. */
final readonly class Within implements ValidationRule
{
    private function __construct(
        private float $low,
        private float $high,
        private bool $isOpen,
        private string $fault,
    ) {}

    /** Both limits among what is allowed. */
    public static function both(float $low, float $high, string $fault): self
    {
        return new self($low, $high, false, $fault);
    }

    /** More than the lower limit, and at most the higher. */
    public static function above(float $low, float $high, string $fault): self
    {
        return new self($low, $high, true, $fault);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $isLow = ! is_numeric($value) || ($this->isOpen ? $value <= $this->low : $value < $this->low);
        if ($isLow || $value > $this->high) {
            $fail($this->fault);
        }
    }
}
