<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Validation\Rule;

/** As what somebody is asked in. */
final class InviteRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['role' => ['required', Rule::in(array_keys(User::ROLES))]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['role.*' => 'Choose one of the two.'];
    }
}
