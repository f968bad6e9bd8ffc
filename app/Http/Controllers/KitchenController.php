<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Kernel;
use Aglyca\Core\Swap\KitchenLimits;
use App\Support\Number;
use App\View\Conventions;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

final readonly class KitchenController
{
    public function show(Request $request, Conventions $conventions, Kernel $kernel): View
    {
        return view('kitchen', [
            'kitchen' => $request->user()->kitchen,
            'conventions' => $conventions->all(),
            'names' => $kernel->catalogue->foodNames(),
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        foreach (['limit_g', 'body_kg'] as $field) {
            $request->merge([$field => Number::plain((string) $request->string($field)) ?: null]);
        }
        $said = $request->validate(
            [
                'name' => ['required', 'string', 'max:80'],
                'limit_g' => ['nullable', 'numeric', 'gt:0', 'max:500'],
                'body_kg' => ['nullable', 'numeric', 'between:10,300'],
                'currency' => ['nullable', 'string', 'max:4'],
                'convention' => ['required', Rule::enum(Convention::class)],
                'decimals' => ['nullable', Rule::in(['.', ','])],
                'heats' => ['nullable', Rule::in(array_keys(KitchenLimits::HEATS))],
            ],
            [
                'decimals.*' => 'Choose one of the two.',
                'heats.*' => 'Choose one of the list.',
                'body_kg.*' => 'The body mass is kilograms from 10 to 300, or nothing.',
                'currency.*' => 'A currency is up to 4 characters, such as € or CHF.',
                'name.*' => 'Give your kitchen a name of up to 80 characters.',
                'limit_g.*' => 'The limit is grams of net carbs a piece: a number above 0, or nothing.',
            ],
        );
        $request
            ->user()
            ->kitchen->update([
                ...$said,
                'currency' => $said['currency'] ?? '',
                'heats' => $said['heats'] ?? '',
                'decimals' => $said['decimals'] ?? '.',
            ]);

        return redirect('/kitchen')->with('said', 'Kept.');
    }

    /** Takes a food off the list of those never used. */
    public function allow(Request $request): RedirectResponse
    {
        $kitchen = $request->user()->kitchen;
        $kitchen->update([
            'refused' => array_values(array_diff($kitchen->refused ?? [], [(string) $request->string('allow')])),
        ]);

        return redirect('/kitchen')->with('said', 'It may be used again.');
    }
}
