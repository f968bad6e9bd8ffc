<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Taught;
use App\Support\Number;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What a kitchen has taught, and how to make it forget. */
final readonly class TaughtController
{
    public function __construct(private Kernel $kernel) {}

    public function index(Request $request): View
    {
        $taught = $request->user()->kitchen->taught();

        return view('taught', [
            'lessons' => $this->kernel->lessons($taught),
            'foods' => $this->kernel->catalogue->foodNames(),
        ]);
    }

    /** A cup that was weighed. */
    public function cup(Request $request): RedirectResponse
    {
        $request->merge(['grams' => Number::plain((string) $request->string('grams'))]);
        $said = $request->validate(
            ['food' => ['required', 'string', 'max:120'], 'grams' => ['required', 'numeric', 'between:10,500']],
            [
                'food.*' => 'Say which food was in the cup.',
                'grams.*' => 'A cup weighs from 10 to 500 g.',
            ],
        );
        $match = $this->kernel->catalogue->find((string) $said['food']);
        if (! $match->sure) {
            return redirect('/notebook/taught')
                ->withInput()
                ->withErrors(['food' => 'The larder has no food of that name. Choose one from the list.']);
        }
        $request
            ->user()
            ->kitchen->observations()
            ->create(['what' => Taught::CUP.$match->food, 'value' => (float) $said['grams']]);

        return redirect('/notebook/taught')->with('said', 'From now on your cup counts, on every recipe.');
    }

    public function forget(Request $request): RedirectResponse
    {
        $request->user()->kitchen->observations()->where('what', (string) $request->string('what'))->delete();

        return redirect('/notebook/taught')->with('said', 'Forgotten: the usual figure counts again.');
    }
}
