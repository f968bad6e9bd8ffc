<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\MeasuresReader;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a row of the text is, or whose cups and spoons are meant; nothing takes the word back. */
final class ReadingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'fate' => ['nullable', Rule::enum(Fate::class)],
            'measures' => ['nullable', Rule::in(array_keys(MeasuresReader::SAID))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['fate.*' => 'Choose one of the list.', 'measures.*' => 'Choose one of the list.'];
    }

    public function fate(): ?Fate
    {
        return Fate::tryFrom((string) $this->validated('fate'));
    }

    public function measures(): ?string
    {
        $said = (string) $this->validated('measures');

        return $said === '' ? null : $said;
    }
}
