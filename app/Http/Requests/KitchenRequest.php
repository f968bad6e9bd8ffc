<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Larder\Ways;
use Aglyca\Core\Swap\KitchenLimits;
use App\Support\Number;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How a kitchen works; an empty field is none. */
final class KitchenRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        foreach (['limit_g', 'body_kg'] as $field) {
            $this->merge([$field => Number::plain((string) $this->string($field)) ?: null]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'limit_g' => ['nullable', 'numeric', 'min:0.1', 'max:500'],
            'body_kg' => ['nullable', 'numeric', 'between:10,300'],
            'currency' => ['nullable', 'string', 'max:4'],
            'convention' => ['required', Rule::enum(Convention::class)],
            'decimals' => ['nullable', Rule::in(['.', ','])],
            'heats' => ['nullable', Rule::in(array_keys(KitchenLimits::HEATS))],
            'measures' => ['nullable', Rule::in(array_keys(Ways::MEASURES))],
            'first' => ['nullable', Rule::in(array_keys(Ways::FIRST))],
            'scale' => ['nullable', Rule::in(array_map(strval(...), array_keys(Ways::SCALES)))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'decimals.*' => 'Choose one of the two.',
            'heats.*' => 'Choose one of the list.',
            'measures.*' => 'Choose one of the list.',
            'first.*' => 'Choose one of the list.',
            'scale.*' => 'Choose one of the list.',
            'body_kg.*' => 'The body mass is kilograms from 10 to 300, or nothing.',
            'currency.*' => 'A currency is up to 4 characters, such as € or CHF.',
            'name.*' => 'Give your kitchen a name of up to 80 characters.',
            'limit_g.*' => 'The limit is grams of net carbs a piece: a number from 0.1 to 500, or nothing.',
        ];
    }
}
