<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use App\Http\Requests\BakedRequest;
use App\Models\Bake;
use App\Models\Recipe;
use App\Models\Run;
use App\Support\Dessert;
use App\Support\Draft;
use App\View\BenchPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\MessageBag;
use Illuminate\View\View;

final readonly class CounterController
{
    public function __construct(private Kernel $kernel) {}

    public function current(Request $request, Draft $draft): RedirectResponse
    {
        $latest = $request->user()?->kitchen->recipes()->orderByDesc('opened_at')->first();

        return redirect(
            match (true) {
                $latest !== null => "/counter/$latest->ulid",
                $draft->brief() !== null => '/counter/draft',
                default => '/',
            },
        );
    }

    public function show(Dessert $dessert): View
    {
        return view('counter', [
            'page' => new BenchPage(
                $dessert,
                $this->kernel->convert($dessert->brief),
                $this->kernel,
                new MessageBag(),
                [],
                null,
            ),
            'isOpen' => $dessert->recipe !== null &&
                Run::query()->where('recipe_id', $dessert->recipe->id)->whereNull('bake_id')->exists(),
            'bakes' => $dessert->recipe?->bakes()->with('version')->get() ?? collect(),
        ]);
    }

    public function record(BakedRequest $request, Recipe $recipe): RedirectResponse
    {
        $said = $request->validated();
        $bake = DB::transaction(
            fn (): Bake => $recipe->bakes()->create([
                'version_id' => $recipe->latest->id,
                'baked_on' => $said['baked_on'],
                'mark' => $said['mark'] ?? null,
                'words' => $said['words'] ?? '',
            ]),
        );

        return redirect(route('counter.show', $recipe->ulid).'#notes')->with('undo', [
            'said' => 'Your bake is in the notebook.',
            'to' => "/bakes/$bake->id/remove",
            'label' => 'Undo',
        ]);
    }

    public function remove(Bake $bake): RedirectResponse
    {
        $bake->delete();

        return redirect($this->page($bake))->with('undo', [
            'said' => 'The note was taken out.',
            'to' => "/bakes/$bake->id/restore",
            'label' => 'Undo',
        ]);
    }

    public function restore(Bake $bake): RedirectResponse
    {
        $bake->restore();

        return redirect($this->page($bake))->with('said', 'The note is back.');
    }

    private function page(Bake $bake): string
    {
        return '/counter/'.Recipe::withTrashed()->findOrFail($bake->recipe_id)->ulid.'#notes';
    }
}
