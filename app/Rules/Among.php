<?php

declare(strict_types=1);

namespace App\Rules;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** One of the choices that a list offers. */
final readonly class Among implements ValidationRule
{
    /** @param  list<string>  $choices */
    public function __construct(private array $choices) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_scalar($value) || ! in_array((string) $value, $this->choices, true)) {
            $fail('That choice is not in the larder. Pick one from the list.');
        }
    }
}
