<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\UnreadableRecipe;
use App\Http\Requests\KitchenRequest;
use App\Models\Kitchen;
use App\View\Conventions;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

final readonly class KitchenController
{
    private const LOOKED_AT = 7;

    public function show(Request $request, Conventions $conventions, Kernel $kernel): View
    {
        return view('kitchen', [
            'kitchen' => $request->user()->kitchen,
            'conventions' => $conventions->all(),
            'names' => $kernel->catalogue->foodNames(),
            'proposed' => $this->proposed($request->user()->kitchen, $kernel),
        ]);
    }

    /** Whose cups and spoons most of the last recipes mean; null where there is none. */
    private function proposed(Kitchen $kitchen, Kernel $kernel): ?string
    {
        $found = [];
        $last = $kitchen->recipes()->with(['latest', 'kitchen'])->latest('opened_at')->limit(self::LOOKED_AT)->get();
        foreach ($last as $recipe) {
            try {
                $found[] = $kernel->read($recipe->brief())->measures->name();
            } catch (UnreadableRecipe) {
                // It says nothing of measures.
            }
        }
        $many = array_count_values($found);
        arsort($many);

        return array_key_first($many);
    }

    public function update(KitchenRequest $request): RedirectResponse
    {
        $said = $request->validated();
        $request
            ->user()
            ->kitchen->update([
                ...$said,
                'counts_said_at' => now(),
                'currency' => $said['currency'] ?? '',
                'heats' => $said['heats'] ?? '',
                'measures' => $said['measures'] ?? '',
                'first' => $said['first'] ?? '',
                'scale' => $said['scale'] ?? '',
                'decimals' => $said['decimals'] ?? '.',
            ]);

        return redirect()->route('kitchen')->with('said', 'Kept.');
    }
}
