<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\Request;

/** What a form held that came without a token that counts, to be sent once more; passwords are typed again. */
final class SentAgain
{
    public const SECRETS = [
        'password',
        'password_confirmation',
        'current_password',
        'address_password',
        'leave_password',
    ];

    private function __construct() {}

    /** @return array{to: string, back: string, fields: array<string, string>, isSecret: bool} */
    public static function of(Request $request): array
    {
        $fields = [];
        foreach ($request->except([...self::SECRETS, '_token']) as $name => $value) {
            $fields = [...$fields, ...self::flat((string) $name, $value)];
        }

        return [
            'to' => $request->getRequestUri(),
            'back' => url()->previous('/'),
            'fields' => $fields,
            // Files and passwords cannot be put back into a form.
            'isSecret' => $request->hasAny(self::SECRETS) || $request->allFiles() !== [],
        ];
    }

    /** @return array<string, string> */
    private static function flat(string $name, mixed $value): array
    {
        if (! is_array($value)) {
            return is_scalar($value) || $value === null ? [$name => (string) $value] : [];
        }
        $flat = [];
        foreach ($value as $key => $one) {
            $flat = [...$flat, ...self::flat("{$name}[$key]", $one)];
        }

        return $flat;
    }
}
