<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\StepCorrection;
use App\Support\Number;
use Illuminate\Validation\Rule;

/** What the baker says of a step of the method; empty fields, or `reset`, take the word back. */
final class StepRequest extends BenchRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(['minutes' => Number::plain((string) $this->string('minutes')) ?: null]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(Kernel $kernel): array
    {
        return [
            'minutes' => ['nullable', 'numeric', 'gt:0', 'max:'.StepCorrection::MOST_MINUTES],
            'takes' => ['nullable', 'array', 'max:60'],
            'takes.*' => ['string', Rule::in(array_keys($kernel->catalogue->foodNames()))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'minutes.*' => 'Minutes: a number above 0 and up to 4,320, which is three days.',
            'takes.*' => 'Choose among what is in this dessert.',
        ];
    }

    public function correction(): StepCorrection
    {
        if ($this->has('reset')) {
            return new StepCorrection;
        }
        $minutes = $this->validated('minutes');

        return new StepCorrection(
            $minutes === null ? null : (float) $minutes,
            array_values((array) $this->validated('takes', [])),
        );
    }
}
