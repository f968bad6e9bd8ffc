<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Side;
use App\Models\Recipe;
use App\Support\ShelfSearch;
use App\View\Card;
use App\View\Figures;
use App\View\ShelfPage;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use OutOfBoundsException;

final readonly class ShelfController
{
    /** Desserts that are printed or taken along at once (our own choice). */
    private const MOST = 30;

    public function index(Request $request, ShelfPage $page): View
    {
        $kitchen = $request->user()->kitchen;
        $search = ShelfSearch::of($request, $kitchen);
        $recipes = $search
            ->found()
            ->with(['latest', 'kitchen'])
            ->withCount('bakes')
            ->withMax('bakes', 'mark')
            ->orderByDesc('opened_at')
            ->orderByDesc('id')
            ->simplePaginate(40)
            ->withQueryString();

        return view('shelf', ['rows' => $page->rows($recipes), 'recipes' => $recipes, 'search' => $search]);
    }

    /** The cards of several desserts, one after another, to print as a booklet. */
    public function cards(Request $request, Kernel $kernel): View
    {
        $cards = [];
        foreach ($this->chosen($request) as $recipe) {
            try {
                $cards[] = new Card($kernel->convert($recipe->brief()), $kernel);
            } catch (UnreadableRecipe|OutOfBoundsException) {
                // What cannot be read has no card.
            }
        }

        return view('cards', ['cards' => $cards]);
    }

    public function text(Request $request, Kernel $kernel): Response
    {
        $texts = [];
        foreach ($this->chosen($request) as $recipe) {
            try {
                $texts[] = Figures::inWords($kernel->convert($recipe->brief())->written(Side::Swapped)->text());
            } catch (UnreadableRecipe|OutOfBoundsException) {
                $texts[] = $recipe->brief()->text;
            }
        }

        return response(implode("\n\n\n", $texts), 200, [
            'Content-Type' => 'text/plain; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="desserts.txt"',
        ]);
    }

    /** @return Collection<int, Recipe> */
    private function chosen(Request $request): Collection
    {
        $ulids = array_slice(array_filter((array) $request->query('desserts', []), is_string(...)), 0, self::MOST);

        return $request
            ->user()
            ->kitchen->recipes()
            ->with(['latest', 'kitchen'])
            ->whereIn('ulid', $ulids)
            ->orderBy('title')
            ->get();
    }

    public function rename(Request $request, Recipe $recipe): RedirectResponse
    {
        $said = $request->validateWithBag("title-$recipe->ulid", ['title' => ['required', 'string', 'max:120']], [
            'title.required' => 'Give it a name.',
            'title.max' => 'Keep the name under 120 characters.',
        ]);
        $was = $recipe->title;
        $recipe->update(['title' => $said['title']]);

        return $this->back($request, $recipe)->with('undo', [
            'said' => "Renamed from “{$was}”.",
            'to' => "/shelf/$recipe->ulid/title",
            'label' => 'Undo',
            'fields' => ['title' => $was],
        ]);
    }

    public function duplicate(Recipe $recipe): RedirectResponse
    {
        $copy = Recipe::begin($recipe->kitchen, $recipe->brief(), mb_substr($recipe->title, 0, 110).', copy');

        return redirect()->route('shelf')->with('undo', [
            'said' => "“{$copy->title}” is on the Shelf.",
            'to' => "/shelf/$copy->ulid/remove",
            'label' => 'Undo',
        ]);
    }

    public function remove(Recipe $recipe): RedirectResponse
    {
        $recipe->delete();

        return redirect()->route('shelf')->with('undo', [
            'said' => "“{$recipe->title}” was removed.",
            'to' => "/shelf/$recipe->ulid/restore",
            'label' => 'Undo',
        ]);
    }

    public function restore(Recipe $recipe): RedirectResponse
    {
        $recipe->restore();

        return redirect()->route('shelf')->with('said', "“{$recipe->title}” is back on the Shelf.");
    }

    private function back(Request $request, Recipe $recipe): RedirectResponse
    {
        return redirect($request->input('from') === 'bench' ? "/bench/$recipe->ulid" : '/shelf');
    }
}
