<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use App\View\BenchPage;
use App\View\Folds;
use App\View\Moved;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;
use Illuminate\Support\MessageBag;

/** Shows the Bench, whole or as the part that htmx swaps; what was refused comes back with its reason beside it. */
final readonly class BenchAnswer
{
    public function __construct(private Kernel $kernel) {}

    public function page(Request $request, Dessert $dessert): Response
    {
        $typed = array_filter(['part' => (string) $request->query('part')]);

        return $this->show(
            $request,
            $this->bench($request, $dessert, new MessageBag(), $typed, (string) $request->query('line')),
            200,
        );
    }

    /** @param  ?string  $open  key of the line that is open */
    public function kept(Request $request, Dessert $dessert, ?string $open = null): Response|RedirectResponse
    {
        return $request->hasHeader('HX-Request')
            ? $this->show($request, $this->bench($request, $dessert, new MessageBag(), [], $open), 200)
            : redirect($dessert->path('bench'));
    }

    /**
     * What was wished is kept: of how the text was read nothing changed, so that it stays on the page as it is.
     *
     * @param  Brief  $before  that the page was drawn from
     */
    public function wished(Request $request, Brief $before, Dessert $dessert): Response|RedirectResponse
    {
        if (! $request->hasHeader('HX-Request')) {
            return redirect($dessert->path('bench'));
        }
        $part = (string) $request->header('X-Part');
        $page = new BenchPage(
            $dessert,
            $this->kernel->convert($dessert->brief),
            $this->kernel,
            new MessageBag(),
            $part === '' ? [] : ['part' => $part],
            $request->header('X-Line'),
            true,
            Folds::of($request),
        );
        $parts = Moved::parts($request, $before, $page);

        return $parts === null
            ? $this->show($request, $page, 200)
            : response()->view('bench.moved', ['page' => $page, 'parts' => $parts]);
    }

    public function refuse(
        Request $request,
        Dessert $dessert,
        MessageBag $faults,
        ?string $open = null,
        ?string $part = null,
    ): Response {
        $typed = [
            ...array_filter(Arr::dot($request->except('_token')), is_string(...)),
            ...$part === null ? [] : ['part' => $part],
        ];

        return $this->show($request, $this->bench($request, $dessert, $faults, $typed, $open), 422);
    }

    /** @param  array<string, string>  $typed  what was typed and refused, to stand in its field again */
    private function bench(
        Request $request,
        Dessert $dessert,
        MessageBag $faults,
        array $typed,
        ?string $open,
    ): BenchPage {
        $conversion = $this->kernel->convert($dessert->brief);

        return new BenchPage(
            $dessert,
            $conversion,
            $this->kernel,
            $faults,
            $typed,
            $open,
            folds: Folds::of($request),
        );
    }

    private function show(Request $request, BenchPage $page, int $status): Response
    {
        return response()->view($request->hasHeader('HX-Request') ? 'bench.tray' : 'bench', ['page' => $page], $status);
    }
}
