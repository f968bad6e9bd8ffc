<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\GoodPassword;
use Illuminate\Foundation\Http\FormRequest;

/** A new kitchen. */
final class SignUpRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(['email' => mb_strtolower((string) $this->string('email'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kitchen' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190', 'unique:users,email'],
            'password' => [
                'required',
                'string',
                new GoodPassword([(string) $this->string('email'), (string) $this->string('kitchen')]),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kitchen.*' => 'Give your kitchen a name of up to 80 characters.',
            'email.unique' => 'There is a kitchen with this address already. Sign in instead.',
            'email.*' => 'Type an e-mail address such as name@example.org.',
            'password.required' => 'Type a password.',
        ];
    }
}
