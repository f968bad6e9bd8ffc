<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Kernel;
use App\Http\Requests\LeftRequest;
use App\Http\Requests\PackageRequest;
use App\Models\Kitchen;
use App\Models\Package;
use App\Models\Topping;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

final readonly class PantryController
{
    public function __construct(private Kernel $kernel) {}

    public function index(Request $request): View
    {
        $kitchen = $request->user()->kitchen;

        return $this->page(
            $kitchen,
            new Package([
                'law' => $kitchen->packages()->latest('id')->value('law') ?? 'us-ca',
                'printed' => [],
                'is_default' => true,
                'polyol' => '',
            ]),
        );
    }

    public function edit(Request $request, Package $package): View
    {
        abort_if($package->trashed(), 404);

        return $this->page($request->user()->kitchen, $package);
    }

    public function store(PackageRequest $request): RedirectResponse
    {
        $kitchen = $request->user()->kitchen;
        $package = DB::transaction(
            fn (): Package => $this->settle($kitchen, $kitchen->packages()->create($request->package())),
        );

        return redirect()->route('pantry')->with('undo', [
            'said' => "“{$package->name}” is in the Pantry.",
            'to' => "/pantry/$package->id/remove",
            'label' => 'Undo',
        ]);
    }

    public function update(PackageRequest $request, Package $package): RedirectResponse
    {
        DB::transaction(function () use ($request, $package): void {
            $package->update($request->package());
            $this->settle($request->user()->kitchen, $package);
        });

        return redirect()->route('pantry')->with('said', 'Kept.');
    }

    public function left(LeftRequest $request, Package $package): RedirectResponse
    {
        $was = (string) $package->left_g;
        $package->update(['left_g' => $request->validated('left_g')]);

        return redirect()->to(route('pantry').'#package-'.$package->id)->with('undo', [
            'said' => "What is left of “{$package->name}” is written down.",
            'to' => route('pantry.left', $package, false),
            'fields' => ['left_g' => $was],
            'label' => 'Undo',
        ]);
    }

    public function remove(Package $package): RedirectResponse
    {
        $package->delete();

        return redirect()->route('pantry')->with('undo', [
            'said' => "“{$package->name}” was taken out.",
            'to' => "/pantry/$package->id/restore",
            'label' => 'Undo',
        ]);
    }

    public function restore(Request $request, Package $package): RedirectResponse
    {
        DB::transaction(function () use ($request, $package): void {
            $package->restore();
            $this->settle($request->user()->kitchen, $package);
        });

        return redirect()->route('pantry')->with('said', "“{$package->name}” is back.");
    }

    public function forget(Request $request, int $name): RedirectResponse
    {
        $request->user()->kitchen->rememberedNames()->findOrFail($name)->delete();

        return redirect()->route('pantry')->with('said', 'Forgotten.');
    }

    /** One package at most is the kitchen's usual one of a food. */
    private function settle(Kitchen $kitchen, Package $package): Package
    {
        if ($package->is_default) {
            $kitchen
                ->packages()
                ->where('food', $package->food)
                ->whereKeyNot($package->id)
                ->update(['is_default' => false]);
        }

        return $package;
    }

    private function page(Kitchen $kitchen, Package $package): View
    {
        $toppings = $kitchen->toppings()->orderBy('name')->get();

        return view('pantry', [
            'packages' => $kitchen->packages()->orderBy('food')->orderBy('name')->get(),
            'names' => $kitchen->rememberedNames()->orderBy('name')->get(),
            'package' => $package,
            'toppings' => $toppings,
            'toppingServings' => $toppings
                ->mapWithKeys(
                    fn (Topping $t): array => [$t->id => $this->kernel->served($this->kernel->topping($t->toCore()))],
                )
                ->all(),
            'convention' => Convention::from($kitchen->convention),
            'currency' => $kitchen->currency,
            'kernel' => $this->kernel,
        ]);
    }
}
