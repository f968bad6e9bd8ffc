<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Plan\Night;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** When a day is to be ready or to begin, and what is made on it. */
final class DayRequest extends FormRequest
{
    public const MOST = 8;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'desserts' => $this->routeIs('day.store')
                ? ['required', 'array', 'max:'.self::MOST]
                : ['sometimes', 'array'],
            'desserts.*' => ['string', 'max:26'],
            'mode' => ['required', Rule::in(['ready', 'from'])],
            'day' => [
                'required_if:mode,ready',
                'nullable',
                'date_format:Y-m-d',
                'after:2000-01-01',
                'before:2100-01-01',
            ],
            'time' => ['required_if:mode,ready', 'nullable', 'date_format:H:i'],
            'zone' => ['nullable', 'string', 'timezone:all'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'desserts.required' => 'Choose at least one dessert.',
            'desserts.*' => 'Choose up to '.self::MOST.' desserts for one day.',
            'day.*' => 'Say the day, such as 2026-12-24.',
            'time.*' => 'Say the time, such as 16:00.',
            'mode.*' => 'Choose one of the two.',
            'zone.*' => 'That is no time zone.',
        ];
    }

    public function zone(): DateTimeZone
    {
        return new DateTimeZone((string) ($this->validated('zone') ?? $this->user()->kitchen->zone));
    }

    /** @return array{mode: string, at: int} */
    public function moment(): array
    {
        $isReady = $this->validated('mode') === 'ready';
        $moment = $isReady
            ? new DateTimeImmutable($this->validated('day').' '.$this->validated('time'), $this->zone())
            : new DateTimeImmutable(now()->toAtomString());

        return ['mode' => $isReady ? 'ready' : 'from', 'at' => Night::minutes($moment)];
    }
}
