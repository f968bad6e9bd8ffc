<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\GoodPassword;

/** A new password, by who knows the old one. */
final class PasswordRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current_password' => ['required', 'current_password'],
            'password' => ['required', 'string', GoodPassword::of($this->user())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current_password.*' => 'That is not your password now.', 'password.required' => 'Type the new password.'];
    }
}
