<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Kernel;
use Aglyca\Core\Swap\Blend;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** The bead of the triangle: three shares in percent, and the corners that they are of; or the bead let go. */
final class BlendRequest extends BenchRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(Kernel $kernel): array
    {
        return [
            'corners' => ['required_without:free', 'array', 'size:3'],
            'corners.*' => ['string', 'distinct', Rule::in($kernel->catalogue->blendable())],
            'shares' => ['required_without:free', 'array', 'size:3'],
            'shares.*' => ['required', 'numeric', 'between:0,100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'shares.*' => 'Each share is a number from 0 to 100.',
            'corners.*' => 'Three different sweeteners make a blend.',
        ];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $errors = $validator->errors();
                if ($errors->isNotEmpty()) {
                    $errors->add('blend', $errors->first());
                } elseif (! $this->has('free') && $this->shares() === null) {
                    $errors->add('blend', 'The three shares cannot all be nothing.');
                }
            },
        ];
    }

    public function blend(): Blend
    {
        $shares = $this->has('free') ? null : $this->shares();

        return $shares === null ? Blend::free() : Blend::of(array_values((array) $this->input('corners')), $shares);
    }

    /** @return ?list<float> null where all are nothing */
    private function shares(): ?array
    {
        return Blend::shares(array_map(floatval(...), array_values((array) $this->input('shares'))));
    }
}
