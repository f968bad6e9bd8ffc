<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Recipe;
use App\View\ShelfPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

final readonly class ShelfController
{
    public function index(Request $request, ShelfPage $page): View
    {
        $recipes = $request->user()->kitchen->recipes()->with(['latest', 'kitchen'])->withCount('bakes')->withMax('bakes', 'mark')->orderByDesc('opened_at')->orderByDesc('id')->paginate(40);

        return view('shelf', ['rows' => $page->rows($recipes), 'recipes' => $recipes]);
    }

    public function rename(Request $request, Recipe $recipe): RedirectResponse
    {
        $said = $request->validateWithBag("title-$recipe->ulid", ['title' => ['required', 'string', 'max:120']], [
            'title.required' => 'Give it a name.',
            'title.max' => 'Keep the name under 120 characters.',
        ]);
        $was = $recipe->title;
        $recipe->update(['title' => $said['title']]);

        return $this->back($request, $recipe)->with('undo', ['said' => "Renamed from “{$was}”.", 'to' => "/shelf/$recipe->ulid/title", 'label' => 'Undo', 'fields' => ['title' => $was]]);
    }

    public function duplicate(Recipe $recipe): RedirectResponse
    {
        $copy = Recipe::begin($recipe->kitchen, $recipe->brief(), mb_substr($recipe->title, 0, 110).', copy');

        return redirect('/shelf')->with('undo', ['said' => "“{$copy->title}” is on the Shelf.", 'to' => "/shelf/$copy->ulid/remove", 'label' => 'Undo']);
    }

    public function remove(Recipe $recipe): RedirectResponse
    {
        $recipe->delete();

        return redirect('/shelf')->with('undo', ['said' => "“{$recipe->title}” was removed.", 'to' => "/shelf/$recipe->ulid/restore", 'label' => 'Undo']);
    }

    public function restore(Recipe $recipe): RedirectResponse
    {
        $recipe->restore();

        return redirect('/shelf')->with('said', "“{$recipe->title}” is back on the Shelf.");
    }

    private function back(Request $request, Recipe $recipe): RedirectResponse
    {
        return redirect($request->input('from') === 'bench' ? "/bench/$recipe->ulid" : '/shelf');
    }
}
