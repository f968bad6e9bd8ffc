<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use App\View\Conventions;
use App\View\Sources;
use Illuminate\View\View;

final readonly class AlmanacController
{
    public function __construct(private Kernel $kernel, private Sources $sources) {}

    public function index(Conventions $conventions): View
    {
        return view('almanac', ['foods' => $this->kernel->catalogue->foods(), 'conventions' => $conventions->all(), 'sources' => $this->sources->all(), 'tables' => Sources::TABLES]);
    }

    /** One of the tables that the figures come from, as it stands. */
    public function table(string $name): View
    {
        return view('table', ['name' => Sources::TABLES[$name] ?? abort(404), 'rows' => $this->sources->rows($name), 'sources' => $this->sources->all()]);
    }

    public function food(string $key): View
    {
        $food = $this->kernel->catalogue->food($key) ?? abort(404);

        return view('food', ['food' => $food, 'source' => $this->sources->get($food->provenance), 'facts' => $this->sources->factsOf($key)]);
    }
}
