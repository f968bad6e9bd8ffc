<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\YieldReader;
use Aglyca\Core\Swap\Blend;
use Aglyca\Core\Swap\Wishes;
use Illuminate\Validation\Rule;

/** What is asked of a swap. Each field stands for itself: a button posts its own, and the others stay as they are. */
final class WishesRequest extends BenchRequest
{
    public const ALLERGENS = ['nuts', 'milk', 'egg', 'coconut', 'peanut'];

    /** @return array<string, list<mixed>> */
    public function rules(Kernel $kernel): array
    {
        $catalogue = $kernel->catalogue;

        return [
            'pieces' => ['sometimes', 'nullable', 'numeric', 'gt:0', 'max:'.YieldReader::MOST_PIECES],
            'sweetness' => ['sometimes', 'required', 'numeric', 'between:60,110'],
            'sweetener' => ['sometimes', 'required', 'string', Rule::in(array_keys($catalogue->sweeteners()))],
            'school' => ['sometimes', 'required', 'string', Rule::in(array_keys($catalogue->schools()))],
            'convention' => ['sometimes', 'required', Rule::enum(Convention::class)],
            'cooler' => ['sometimes', 'nullable', 'numeric', 'in:0,5,10,15,20'],
            'appliance' => ['sometimes', 'nullable', Rule::in(array_keys(Wishes::APPLIANCES))],
            'without' => ['sometimes', 'array'],
            'without.*' => ['nullable', 'string', Rule::in(['', ...self::ALLERGENS])],
            'families' => ['sometimes', 'array'],
            'families.*' => ['nullable', 'string', Rule::in(['', ...array_keys($catalogue->families())])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pieces.*' => 'Pieces: a number above 0 and up to '.
                YieldReader::MOST_PIECES.
                '. The figures still show the last good number.',
            'sweetness.*' => 'Sweetness goes from 60 to 110 %.',
            '*.in' => 'That choice is not in the larder. Pick one from the list.',
        ];
    }

    /** The brief with what was posted. */
    public function applied(Brief $brief): Brief
    {
        $said = $this->validated();
        $changes = array_filter(
            [
                'sweetness' => isset($said['sweetness']) ? Wishes::ratioOf((float) $said['sweetness']) : null,
                'sweetener' => $said['sweetener'] ?? null,
                'school' => $said['school'] ?? null,
                'cooler' => array_key_exists('cooler', $said) ? (float) $said['cooler'] : null,
                'appliance' => array_key_exists('appliance', $said) ? (string) $said['appliance'] : null,
                'without' => isset($said['without']) ? array_values(array_filter($said['without'])) : null,
                'families' => isset($said['families']) ? array_filter($said['families']) : null,
                'blend' => isset($said['sweetener']) && $said['sweetener'] !== $brief->wishes->sweetener
                        ? Blend::free()
                        : null,
            ],
            static fn (mixed $change): bool => $change !== null,
        );
        $brief = $brief->wishing(...$changes);
        if (isset($said['convention'])) {
            $brief = $brief->but(convention: Convention::from($said['convention']));
        }

        // Where the pieces follow from a scoop or a mass, the page sends none, and they go on following.
        return array_key_exists('pieces', $said)
            ? $brief->but(portions: $brief->portions->cutInto(isset($said['pieces']) ? (float) $said['pieces'] : null))
            : $brief;
    }
}
