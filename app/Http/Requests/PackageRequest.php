<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Label\InvalidLabel;
use Aglyca\Core\Larder\Label\Label;
use Aglyca\Core\Larder\LabelLaw;
use App\Support\Number;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A package's label as typed; every fault is said at once, each beside its field. */
final class PackageRequest extends FormRequest
{
    public const POLYOLS = [
        '' => 'not said',
        'erythritol' => 'erythritol',
        'xylitol' => 'xylitol',
        'maltitol' => 'maltitol',
        'sorbitol' => 'sorbitol',
        'isomalt' => 'isomalt',
        'lactitol' => 'lactitol',
        'mannitol' => 'mannitol',
        'glycerol' => 'glycerol',
    ];

    protected function prepareForValidation(): void
    {
        foreach (['serving_g', 'price', 'size_g', 'left_g'] as $field) {
            $this->merge([$field => Number::plain((string) $this->string($field)) ?: null]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'food' => ['nullable', 'string', 'max:120'],
            'law' => ['required', Rule::enum(LabelLaw::class)],
            'serving_g' => ['required', 'numeric', 'min:'.Label::LEAST_SERVING, 'max:'.Label::LARGEST_SERVING],
            'printed' => ['array'],
            'printed.*' => ['nullable', 'string', 'max:12'],
            'polyol' => ['nullable', 'string', Rule::in(array_keys(self::POLYOLS))],
            'price' => ['nullable', 'numeric', 'gte:0', 'max:100000'],
            'size_g' => ['nullable', 'numeric', 'gt:0', 'max:100000'],
            'left_g' => ['nullable', 'numeric', 'gte:0', 'max:100000'],
            'opened_on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before_or_equal:tomorrow'],
            'best_before' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give the package a name of your own, up to 120 characters.',
            'food.*' => 'Say which food it is a package of, in up to 120 characters.',
            'serving_g.*' => 'The serving is grams, from 0.01 to 5,000.',
            'price.*' => 'The price is a number, or nothing.',
            'size_g.*' => 'The size is grams: a number above 0, or nothing.',
            'left_g.*' => 'What is left is grams, or nothing.',
            'opened_on.*' => 'The day on which it was opened is not later than today.',
            'best_before.*' => 'Say the day that is printed on it, or nothing.',
            '*.in' => 'Choose one of the list.',
        ];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($this->foodKey() === null) {
                    $validator->errors()->add('food', 'The larder has no food of that name. Choose one from the list.');
                }
                if ($validator->errors()->isEmpty()) {
                    try {
                        Label::of(
                            LabelLaw::from((string) $this->string('law')),
                            (float) $this->input('serving_g'),
                            $this->printed(),
                            (string) $this->string('polyol'),
                        );
                    } catch (InvalidLabel $faults) {
                        foreach ($faults->faults as $figure => $sentence) {
                            $validator
                                ->errors()
                                ->add($figure === 'serving' ? 'serving_g' : "printed.$figure", $sentence);
                        }
                    }
                }
            },
        ];
    }

    /** @return array<string, mixed> the columns of a package */
    public function package(): array
    {
        $said = $this->validated();

        return [
            'name' => $said['name'],
            'food' => $this->foodKey(),
            'law' => $said['law'],
            'serving_g' => $said['serving_g'],
            'printed' => $this->printed(),
            'polyol' => $said['polyol'] ?? '',
            'price' => $said['price'] ?? null,
            'size_g' => $said['size_g'] ?? null,
            'left_g' => $said['left_g'] ?? null,
            'opened_on' => $said['opened_on'] ?? null,
            'best_before' => $said['best_before'] ?? null,
            'is_default' => $this->foodKey() !== '' && $this->boolean('is_default'),
        ];
    }

    /** @return array<string, string> */
    private function printed(): array
    {
        return array_filter(
            array_map(
                static fn (mixed $v): string => is_string($v) ? trim($v) : '',
                array_intersect_key((array) $this->input('printed'), array_flip(Label::FIGURES)),
            ),
            static fn (string $v): bool => $v !== '',
        );
    }

    /** "" for a finished thing from a shop, which is no ingredient; null where the larder does not know the name. */
    private function foodKey(): ?string
    {
        if (trim((string) $this->string('food')) === '') {
            return '';
        }
        $match = app(Kernel::class)->catalogue->find((string) $this->string('food'));

        return $match->sure ? $match->food : null;
    }
}
