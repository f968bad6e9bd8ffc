<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Number;
use Illuminate\Foundation\Http\FormRequest;

/** How much is left in a package. */
final class LeftRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(['left_g' => Number::plain((string) $this->string('left_g'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['left_g' => ['nullable', 'numeric', 'gte:0', 'max:100000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['left_g.*' => 'What is left is grams, or nothing.'];
    }
}
