<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Conversion;
use Aglyca\Core\Kernel;
use App\Models\Version;
use App\Support\Dessert;
use App\View\VersionRows;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The versions of a dessert. */
final readonly class VersionController
{
    public function __construct(private Kernel $kernel) {}

    /** Two versions side by side, differences only. */
    public function index(Request $request, Dessert $dessert): View
    {
        $recipe = $dessert->recipe ?? abort(404);
        $all = $recipe->versions()->orderBy('number')->get();
        $pick = static fn (string $field, ?Version $else): Version => $all->firstWhere(
            'number',
            $request->integer($field),
        ) ?? $else ?? abort(404);
        [$a, $b] = [$pick('a', $all->first()), $pick('b', $all->last())];
        $work = fn (Version $v): Conversion => $this->kernel->convert($recipe->briefOf($v));

        return view('versions', [
            'recipe' => $recipe,
            'all' => $all,
            'a' => $a,
            'b' => $b,
            'rows' => VersionRows::of($work($a), $work($b)),
        ]);
    }

    public function store(Dessert $dessert): RedirectResponse
    {
        ($dessert->recipe ?? abort(404))->startVersion();

        return redirect($dessert->path('bench'))->with(
            'said',
            'The version is set down as it was. You go on with the next.',
        );
    }
}
