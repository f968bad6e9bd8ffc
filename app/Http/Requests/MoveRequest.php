<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A piece of work that is put somewhere else in its day. */
final class MoveRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'regex:~^\d{1,18}-\d{1,3}#\d{1,3}$~'],
            // Where it stood when it was taken hold of, and where it was put.
            'from' => ['required', 'integer', 'between:0,70000000'],
            'at' => ['required', 'integer', 'between:0,70000000'],
        ];
    }
}
