<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\BenchAnswer;
use App\Support\Dessert;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use LogicException;

/** A form of the Bench: what is refused comes back on it, beside its cause, and nothing is changed. */
abstract class BenchRequest extends FormRequest
{
    protected function failedValidation(Validator $validator): void
    {
        $bench = app(BenchAnswer::class);

        throw new HttpResponseException(
            $bench->refuse($this, $this->dessert(), $validator->errors(), null, $this->part()),
        );
    }

    public function dessert(): Dessert
    {
        $dessert = $this->route('dessert');
        throw_unless($dessert instanceof Dessert, LogicException::class);

        return $dessert;
    }

    /** The swapped part that stands open when it is refused. */
    protected function part(): ?string
    {
        return null;
    }
}
