<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use App\Support\Workpiece;
use App\View\BenchPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;

/** Shows a sheet of a dessert, whole or as the part that htmx swaps; what was refused comes back with its reason beside it. */
final readonly class Sheet
{
    public function __construct(private Kernel $workshop) {}

    /**
     * @param  string  $name  a view in `sheets/`
     * @param  class-string  $model  what the view shows, made from a `BenchPage`
     * @param  array<string, string>  $typed  what was refused
     */
    public function show(Request $request, Workpiece $piece, string $name, string $model, ?MessageBag $faults = null, array $typed = []): Response
    {
        $page = new BenchPage($piece, $this->workshop->work($piece->document), $this->workshop, $faults ?? new MessageBag, $typed, null);
        $view = $request->hasHeader('HX-Request') ? "sheets.$name" : 'sheet';

        return response()->view($view, ['page' => $page, 'sheet' => new $model($page, $request), 'name' => $name], $faults === null ? 200 : 422);
    }

    /**
     * Keeps a change and shows what follows from it.
     *
     * @param  array<string, mixed>  $changes  of the document
     * @param  class-string  $model
     */
    public function keep(Request $request, Workpiece $piece, string $name, string $model, array $changes): Response|RedirectResponse
    {
        $piece = $piece->keep($piece->document->with($changes));

        return $request->hasHeader('HX-Request') ? $this->show($request, $piece, $name, $model) : redirect($piece->path("bench/$name"));
    }

    /**
     * @param  array<string, string>  $faults  field => sentence
     * @param  class-string  $model
     */
    public function refuse(Request $request, Workpiece $piece, string $name, string $model, array $faults): Response
    {
        return $this->show($request, $piece, $name, $model, new MessageBag($faults), array_filter($request->except('_token'), is_string(...)));
    }
}
