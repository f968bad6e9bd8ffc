<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Trial\Judged;
use App\Support\Number;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How a bake came out, as far as it is said. */
final class BakeRequest extends FormRequest
{
    private const NUMBERS = [
        'mass_g' => 100_000,
        'height_cm' => 100,
        'pieces' => 1000,
        'minutes' => 1440,
        'heat_c' => 350,
    ];

    protected function prepareForValidation(): void
    {
        foreach (array_keys(self::NUMBERS) as $field) {
            $this->merge([$field => Number::plain((string) $this->string($field)) ?: null]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'baked_on' => ['required', 'date_format:Y-m-d', 'after:1970-01-01', 'before_or_equal:tomorrow'],
            'mark' => ['nullable', 'integer', 'between:1,5'],
            'words' => ['nullable', 'string', 'max:5000'],
            'judged' => ['sometimes', 'array'],
            'judged.*' => ['nullable', Rule::enum(Judged::class)],
            ...array_map(static fn (int $most): array => ['nullable', 'numeric', 'gt:0', "max:$most"], self::NUMBERS),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'baked_on.*' => 'Say the day it was baked, not later than today.',
            'mark.*' => 'The mark goes from 1 to 5.',
            'words.max' => 'That is more than 5,000 characters: shorten it a little.',
            'mass_g.*' => 'The mass is grams, or nothing.',
            'height_cm.*' => 'The height is centimetres up to 100, or nothing.',
            'pieces.*' => 'A number of pieces, or nothing.',
            'minutes.*' => 'Minutes in the oven, or nothing.',
            'heat_c.*' => 'Degrees Celsius up to 350, or nothing.',
            'judged.*' => 'Choose one of the three.',
        ];
    }

    /** @return array<string, mixed> the columns of a bake */
    public function bake(): array
    {
        $said = $this->validated();
        $judged = array_filter(array_intersect_key($said['judged'] ?? [], Judged::THINGS));

        return [
            'baked_on' => $said['baked_on'],
            'mark' => $said['mark'] ?? null,
            'words' => $said['words'] ?? '',
            'judgement' => $judged === [] ? null : $judged,
            ...array_map(
                static fn (string $f): ?string => $said[$f] ?? null,
                array_combine(array_keys(self::NUMBERS), array_keys(self::NUMBERS)),
            ),
        ];
    }
}
