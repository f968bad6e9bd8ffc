<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use App\View\AlmanacPictures;
use App\View\Conventions;
use App\View\FoodSays;
use App\View\ShelfPage;
use App\View\Sources;
use Illuminate\Http\Request;
use Illuminate\View\View;

final readonly class AlmanacController
{
    /** Of one's own desserts, the latest (our own choice). */
    private const LOOKED_AT = 100;

    public function __construct(private Kernel $kernel, private Sources $sources) {}

    public function index(Conventions $conventions): View
    {
        return view('almanac', [
            'pictures' => new AlmanacPictures($this->kernel->catalogue->pictures()),
            'foods' => $this->kernel->catalogue->foods(),
            'conventions' => $conventions->all(),
            'sources' => $this->sources->all(),
            'tables' => Sources::TABLES,
        ]);
    }

    /** One of the tables that the figures come from, as it stands. */
    public function table(string $name): View
    {
        return view('table', [
            'name' => Sources::TABLES[$name] ?? abort(404),
            'rows' => $this->sources->rows($name),
            'sources' => $this->sources->all(),
        ]);
    }

    public function food(string $key, ShelfPage $shelf, Request $request): View
    {
        $recipes =
            $request
                ->user()
                ?->kitchen->recipes()
                ->with(['latest', 'kitchen'])
                ->orderByDesc('opened_at')
                ->limit(self::LOOKED_AT)
                ->get() ?? [];
        $food = $this->kernel->catalogue->food($key) ?? abort(404);

        return view('food', [
            'food' => $food,
            'aliases' => $this->kernel->catalogue->aliases($food),
            'source' => $this->sources->get($food->provenance),
            'facts' => $this->sources->factsOf($key),
            'says' => new FoodSays($this->sources),
            'desserts' => $shelf->with($key, $recipes),
            'instead' => $this->kernel->catalogue->insteadOf($key),
        ]);
    }
}
