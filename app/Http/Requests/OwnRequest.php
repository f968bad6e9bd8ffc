<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Foundation\Http\FormRequest;

/** What only the owner of a kitchen may ask for: nobody owns the demo kitchen. */
abstract class OwnRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->is_demo === false;
    }

    protected function failedAuthorization(): void
    {
        throw new AuthorizationException('This is the demo kitchen: nobody owns it. Open a kitchen of your own.');
    }
}
