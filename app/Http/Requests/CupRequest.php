<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Number;
use Illuminate\Foundation\Http\FormRequest;

/** A cup that was weighed. */
final class CupRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(['grams' => Number::plain((string) $this->string('grams'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['food' => ['required', 'string', 'max:120'], 'grams' => ['required', 'numeric', 'between:10,500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'food.*' => 'Say which food was in the cup.',
            'grams.*' => 'A cup weighs from 10 to 500 g.',
        ];
    }
}
