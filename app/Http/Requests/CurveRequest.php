<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Readings of a meter. */
final class CurveRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'eaten_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:tomorrow', 'after:2000-01-01'],
            'readings' => ['nullable', 'string', 'max:100000'],
            'dessert' => ['nullable', 'string', 'max:26'],
            'unit' => ['nullable', 'in:mmol/L,mg/dL'],
            'first_bite' => ['nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give it a name, such as “two slices of the loaf”.',
            'eaten_on.*' => 'Say the day, not later than today.',
            'readings.*' => 'That is too much text.',
            'unit.*' => 'Readings are in mmol/L or in mg/dL.',
            'first_bite.*' => 'The first bite is a time such as 08:05.',
        ];
    }
}
