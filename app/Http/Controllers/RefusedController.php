<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use App\Support\Dessert;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Foods that a kitchen never uses; said once, it holds for every dessert. */
final readonly class RefusedController
{
    public function __construct(private Kernel $kernel) {}

    public function store(Request $request, Dessert $dessert): RedirectResponse
    {
        $kitchen = $dessert->recipe->kitchen ?? abort(404);
        $food = (string) $request->string('food');
        $name = $this->kernel->catalogue->food($food)->name ?? abort(404);
        $kitchen->update(['refused' => array_values(array_unique([...($kitchen->refused ?? []), $food]))]);

        return redirect($dessert->path('bench'))->with('undo', [
            'said' => "“{$name}” is not used in this kitchen any more.",
            'to' => route('kitchen.allow', absolute: false),
            'label' => 'Undo',
            'fields' => ['allow' => $food],
        ]);
    }

    /** Takes a food off the list. */
    public function destroy(Request $request): RedirectResponse
    {
        $kitchen = $request->user()->kitchen;
        $kitchen->update([
            'refused' => array_values(array_diff($kitchen->refused ?? [], [(string) $request->string('allow')])),
        ]);

        return redirect()->route('kitchen')->with('said', 'It may be used again.');
    }
}
