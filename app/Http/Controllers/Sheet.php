<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use App\Support\Dessert;
use App\View\BenchPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;

/**
 * Shows a sheet of a dessert, whole or as the part that htmx swaps; what was refused comes back with its reason beside
 * it.
 */
final readonly class Sheet
{
    public function __construct(private Kernel $kernel) {}

    /**
     * @param  string  $name  a view in `sheets/`
     * @param  class-string  $model  what the view shows, made from a `BenchPage`
     * @param  array<string, string>  $typed  what was refused
     */
    public function show(
        Request $request,
        Dessert $dessert,
        string $name,
        string $model,
        ?MessageBag $faults = null,
        array $typed = [],
    ): Response {
        $page = new BenchPage(
            $dessert,
            $this->kernel->convert($dessert->brief),
            $this->kernel,
            $faults ?? new MessageBag(),
            $typed,
            null,
        );
        $view = $request->hasHeader('HX-Request') ? "sheets.$name" : 'sheet';

        return response()->view(
            $view,
            ['page' => $page, 'sheet' => new $model($page, $request), 'name' => $name],
            $faults === null ? 200 : 422,
        );
    }

    /**
     * Keeps a change and shows what follows from it.
     *
     * @param  class-string  $model
     */
    public function keep(
        Request $request,
        Dessert $dessert,
        string $name,
        string $model,
        Brief $brief,
    ): Response|RedirectResponse {
        $dessert = $dessert->keep($brief);

        return $request->hasHeader('HX-Request')
            ? $this->show($request, $dessert, $name, $model)
            : redirect($dessert->path("bench/$name"));
    }

    /**
     * @param  array<string, string>  $faults  field => sentence
     * @param  class-string  $model
     */
    public function refuse(Request $request, Dessert $dessert, string $name, string $model, array $faults): Response
    {
        return $this->show(
            $request,
            $dessert,
            $name,
            $model,
            new MessageBag($faults),
            array_filter($request->except('_token'), is_string(...)),
        );
    }
}
