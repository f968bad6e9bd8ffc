<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use App\Http\Requests\KitchenRequest;
use App\View\Conventions;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
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

    public function update(KitchenRequest $request): RedirectResponse
    {
        $said = $request->validated();
        $request
            ->user()
            ->kitchen->update([
                ...$said,
                'currency' => $said['currency'] ?? '',
                'heats' => $said['heats'] ?? '',
                'decimals' => $said['decimals'] ?? '.',
            ]);

        return redirect()->route('kitchen')->with('said', 'Kept.');
    }
}
