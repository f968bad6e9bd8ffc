<?php

declare(strict_types=1);

namespace App\Rules;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** One of the choices that a list offers. */
final readonly class Among implements ValidationRule
{
    /** @param  list<string>|Closure(): array<array-key, string>  $choices  or what gives them by their keys */
    public function __construct(private array|Closure $choices) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $choices = $this->choices instanceof Closure ? array_keys(($this->choices)()) : $this->choices;
        if (! is_scalar($value) || ! in_array((string) $value, array_map(strval(...), $choices), true)) {
            $fail('That choice is not in the larder. Pick one from the list.');
        }
    }
}
