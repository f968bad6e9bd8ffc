<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is done of a day by now. */
final class LateRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'done' => ['sometimes', 'array', 'max:500'],
            'done.*' => ['string', 'regex:~^\d{1,18}-\d{1,3}#\d{1,3}$~'],
        ];
    }
}
