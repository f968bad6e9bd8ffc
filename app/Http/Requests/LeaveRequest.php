<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Leaving, by who knows the password. */
final class LeaveRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['leave_password' => ['required', 'current_password']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['leave_password.*' => 'That is not your password now.'];
    }
}
