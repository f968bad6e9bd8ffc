<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Plan\Places;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use InvalidArgumentException;

/** What a kitchen has to work with, as far as it is said. */
final class PlacesRequest extends FormRequest
{
    public const NUMBERS = ['bakers', 'shelves', 'sheets', 'perSheet'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(self::NUMBERS, ['sometimes', 'nullable', 'integer', 'between:0,1000']),
            'asleepFrom' => ['sometimes', 'date_format:H:i'],
            'asleepTo' => ['sometimes', 'date_format:H:i'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['asleep*' => 'Say the time, such as 22:30.', '*' => 'A whole number, please.'];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                try {
                    $this->places();
                } catch (InvalidArgumentException $fault) {
                    $validator->errors()->add(self::NUMBERS[0], $fault->getMessage());
                }
            }
        }];
    }

    public function places(): Places
    {
        $said = [];
        foreach (self::NUMBERS as $name) {
            if ($this->has($name)) {
                $said[$name] = $this->input($name) === null || $this->input($name) === '' ? null : (int) $this->input($name);
            }
        }
        foreach (['asleepFrom', 'asleepTo'] as $name) {
            if ($this->has($name)) {
                $said[$name] = Places::minutesOf((string) $this->string($name));
            }
        }
        $said = array_filter($said, static fn (?int $v, string $k): bool => $v !== null || $k === 'perSheet', ARRAY_FILTER_USE_BOTH);

        return $this->user()->kitchen->room()->but(...$said);
    }
}
