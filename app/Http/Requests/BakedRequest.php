<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A bake set down by hand. */
final class BakedRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'baked_on' => ['required', 'date_format:Y-m-d', 'after:1970-01-01', 'before_or_equal:tomorrow'],
            'mark' => ['nullable', 'integer', 'between:1,5'],
            'words' => ['nullable', 'string', 'max:5000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'baked_on.*' => 'Say the day it was baked, not later than today.',
            'mark.*' => 'The mark goes from 1 to 5.',
            'words.max' => 'That is more than 5,000 characters: shorten it a little.',
        ];
    }
}
