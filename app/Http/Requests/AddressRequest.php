<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A new address, by who knows the password. */
final class AddressRequest extends OwnRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(['email' => mb_strtolower((string) $this->string('email'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:190'],
            'address_password' => ['required', 'current_password'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.*' => 'Type an e-mail address such as name@example.org.',
            'address_password.*' => 'That is not your password now.',
        ];
    }
}
