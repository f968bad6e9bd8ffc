<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Box;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is left of a bake. */
final class BoxRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'place' => ['required', Rule::in(array_keys(Box::PLACES))],
            'pieces_left' => ['required', 'integer', 'between:1,1000'],
            'good_until' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pieces_left.*' => 'How many pieces: a whole number.',
            'good_until.*' => 'Say the day, or nothing.',
            'place.*' => 'Choose one of the list.',
        ];
    }
}
