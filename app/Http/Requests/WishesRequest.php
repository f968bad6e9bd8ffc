<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\Yields;
use Aglyca\Core\Swap\Blend;
use Aglyca\Core\Swap\Wishes;
use App\Rules\Among;
use App\Rules\Within;
use App\Support\Number;
use Illuminate\Support\Str;

/** What is asked of a swap. Each field stands for itself: a button posts its own, and the others stay as they are. */
final class WishesRequest extends BenchRequest
{
    /** °C below what the flour asks. */
    private const COOLER = ['0', '5', '10', '15', '20'];

    /** Fewer pieces than this are none. */
    private const LEAST_PIECES = 0.1;

    protected function prepareForValidation(): void
    {
        foreach (['pieces', 'sweetness'] as $field) {
            if ($this->has($field)) {
                $this->merge([$field => Number::plain((string) $this->string($field)) ?: null]);
            }
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(Kernel $kernel): array
    {
        $catalogue = $kernel->catalogue;
        $rules = [
            'pieces' => [
                'nullable',
                Within::both(
                    self::LEAST_PIECES,
                    Yields::MOST_PIECES,
                    'Pieces: a number from 0.1 to '.
                        Yields::MOST_PIECES.
                        '. The figures still show the last good number.',
                ),
            ],
            'sweetness' => ['required', Within::both(60, 110, 'Sweetness goes from 60 to 110 %.')],
            'sweetener' => ['required', new Among($catalogue->sweeteners(...))],
            'school' => ['required', new Among($catalogue->schools(...))],
            'convention' => ['required', new Among(static fn (): array => array_column(Convention::cases(), 'name', 'value'))],
            'cooler' => ['nullable', new Among(self::COOLER)],
            'appliance' => ['nullable', new Among(array_keys(Wishes::APPLIANCES))],
            'without' => ['array'],
            'without.*' => ['nullable', new Among(static fn (): array => ['' => '', ...$catalogue->allergens()])],
            'families' => ['array'],
            'families.*' => ['nullable', new Among(static fn (): array => ['' => '', ...$catalogue->families()])],
        ];

        $posted = $this->all();

        return array_filter(
            $rules,
            static fn (string $field): bool => array_key_exists(Str::before($field, '.'), $posted),
            ARRAY_FILTER_USE_KEY,
        );
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
