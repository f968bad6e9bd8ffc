<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** An address whose password was forgotten. */
final class ForgottenRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:190']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.*' => 'Type the e-mail address of your kitchen.'];
    }
}
