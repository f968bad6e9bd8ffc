<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Plan\Places;
use Illuminate\Foundation\Http\FormRequest;

/** What a kitchen has to work with, as far as it is said. */
final class PlacesRequest extends FormRequest
{
    public const TIMES = ['asleepFrom', 'asleepTo'];

    /** What stands folded away, and is opened where a value of it cannot be taken. */
    public const MORE = ['perSheet', 'rings', 'mixers', ...self::TIMES];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...array_map(
                static fn (int $most): array => ['sometimes', 'nullable', 'integer', "between:1,$most"],
                Places::MOST,
            ),
            ...array_fill_keys(self::TIMES, ['sometimes', 'date_format:H:i']),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'asleep*' => 'Say the time, such as 22:30.',
            ...array_combine(
                array_map(static fn (string $name): string => "$name.*", array_keys(Places::MOST)),
                array_map(static fn (int $most): string => "A whole number from 1 to $most, please.", Places::MOST),
            ),
        ];
    }

    public function places(): Places
    {
        $said = [];
        foreach (array_keys(Places::MOST) as $name) {
            if ($this->has($name)) {
                $said[$name] =
                    $this->input($name) === null || $this->input($name) === '' ? null : (int) $this->input($name);
            }
        }
        foreach (self::TIMES as $name) {
            if ($this->has($name)) {
                $said[$name] = Places::minutesOf((string) $this->string($name));
            }
        }
        $said = array_filter(
            $said,
            static fn (?int $v, string $k): bool => $v !== null || $k === 'perSheet',
            ARRAY_FILTER_USE_BOTH,
        );

        return $this->user()->kitchen->room()->but(...$said);
    }
}
