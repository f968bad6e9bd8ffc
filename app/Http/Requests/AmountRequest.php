<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Kernel;
use Aglyca\Core\Swap\AmountKey;
use App\Support\Number;
use Illuminate\Validation\Validator;

/** Grams of one's own for something of the swap; nothing, or `reset`, is the programme's again. */
final class AmountRequest extends BenchRequest
{
    private const MOST_GRAMS = 20_000;

    protected function prepareForValidation(): void
    {
        $this->merge(['grams' => Number::plain((string) $this->string('grams'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'food' => ['nullable', 'string', 'max:190'],
            'slot' => ['nullable', 'string', 'regex:~^(?:syrup|added|[a-f0-9]{10}-\d{1,3}(?:_\d)?)$~'],
            'component' => ['nullable', 'integer', 'between:0,99'],
        ];
    }

    /** @return list<callable> */
    public function after(Kernel $kernel): array
    {
        return [
            function (Validator $validator) use ($kernel): void {
                $said = (string) $this->string('food');
                if ($kernel->catalogue->food($this->food($kernel)) === null) {
                    $name = mb_strimwidth($said, 0, 40, '…');
                    $validator->errors()->add('added', "The larder has no “{$name}”. Choose a food from the list.");
                } elseif (! $this->isTakenBack() && ! $this->isAmount()) {
                    $field = $this->slot() === AmountKey::ADDED ? 'added' : 'amount';
                    $validator->errors()->add($field, 'Grams: a number above 0, such as 120 or 2.5.');
                }
            },
        ];
    }

    /**
     * The amounts of a swap with this one among them.
     *
     * @param  array<string, float>  $amounts
     * @return array<string, float>
     */
    public function applied(array $amounts, Kernel $kernel): array
    {
        $key = $this->key($kernel);
        if ($this->isTakenBack()) {
            unset($amounts[$key]);

            return $amounts;
        }

        return [...$amounts, $key => (float) $this->input('grams')];
    }

    protected function part(): ?string
    {
        return $this->slot() === AmountKey::ADDED ? null : $this->key(app(Kernel::class));
    }

    private function key(Kernel $kernel): string
    {
        return (string) new AmountKey($this->integer('component'), $this->food($kernel), $this->slot());
    }

    private function slot(): string
    {
        return (string) $this->string('slot');
    }

    /** What is added is found by its name; all else is said by its key. */
    private function food(Kernel $kernel): string
    {
        $said = (string) $this->string('food');
        $match = $this->slot() === AmountKey::ADDED ? $kernel->catalogue->find($said) : null;

        return $match?->sure === true ? (string) $match->food : $said;
    }

    private function isTakenBack(): bool
    {
        return $this->has('reset') || $this->input('grams') === '';
    }

    private function isAmount(): bool
    {
        $grams = $this->input('grams');

        return is_numeric($grams) && (float) $grams > 0 && (float) $grams <= self::MOST_GRAMS;
    }
}
