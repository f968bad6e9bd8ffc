<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a device hands in of a bake that is going on, as JSON. */
final class RunEventsRequest extends FormRequest
{
    public const KINDS = [
        'tick',
        'untick',
        'weigh',
        'unweigh',
        'taste',
        'timer',
        'timer-ends',
        'timer-stop',
        'piece',
        'unpiece',
        'mixed',
        'factor',
        'probe',
        'remedy',
        'finish',
        'resume',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'after' => ['sometimes', 'integer', 'min:0'],
            'events' => ['present', 'array', 'max:200'],
            'events.*.id' => ['required', 'string', 'max:40', 'regex:~^[A-Za-z0-9-]+$~'],
            'events.*.kind' => ['required', Rule::in(self::KINDS)],
            'events.*.at' => ['required', 'integer', 'between:0,9000000000000'],
            'events.*.data' => ['present', 'array', 'max:8'],
            'events.*.data.*' => ['nullable', static function (string $field, mixed $value, callable $fail): void {
                if (! is_scalar($value) || is_string($value) && mb_strlen($value) > 400) {
                    $fail('That is too much for one entry.');
                }
            }],
        ];
    }

    /** @return list<array{id: string, kind: string, data: array<string, mixed>, at: int}> */
    public function events(): array
    {
        return array_values(
            array_map(
                static fn (array $e): array => [
                    'id' => $e['id'],
                    'kind' => $e['kind'],
                    'data' => $e['data'] ?? [],
                    'at' => $e['at'],
                ],
                $this->validated('events'),
            ),
        );
    }
}
