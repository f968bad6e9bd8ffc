<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Taught;
use App\Http\Requests\CupRequest;
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
    public function cup(CupRequest $request): RedirectResponse
    {
        $said = $request->validated();
        $match = $this->kernel->catalogue->find((string) $said['food']);
        if (! $match->sure) {
            return redirect()->route('taught')
                ->withInput()
                ->withErrors(['food' => 'The larder has no food of that name. Choose one from the list.']);
        }
        $request
            ->user()
            ->kitchen->observations()
            ->create(['what' => Taught::CUP.$match->food, 'value' => (float) $said['grams']]);

        return redirect()->route('taught')->with('said', 'From now on your cup counts, on every recipe.');
    }

    public function forget(Request $request): RedirectResponse
    {
        $request->user()->kitchen->observations()->where('what', (string) $request->string('what'))->delete();

        return redirect()->route('taught')->with('said', 'Forgotten: the usual figure counts again.');
    }
}
