<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A topping for one piece. */
final class ToppingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['topping_name' => ['required', 'string', 'max:80'], 'text' => ['required', 'string', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'topping_name.*' => 'Give the topping a name of up to 80 characters.',
            'text.*' => 'Say what goes on one piece, such as 2 tbsp whipping cream.',
        ];
    }
}
