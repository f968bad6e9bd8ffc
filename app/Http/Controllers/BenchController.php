<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\UnreadableRecipe;
use App\Support\BenchAnswer;
use App\Support\Dessert;
use App\Support\Draft;
use App\View\BenchPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;
use Illuminate\View\View;

/** A dessert on the Bench: what it is, what the swap makes of it, and what else it could be. */
final readonly class BenchController
{
    public function __construct(private Kernel $kernel, private BenchAnswer $bench) {}

    public function current(Request $request, Draft $draft): RedirectResponse
    {
        $latest = $request->user()?->kitchen->recipes()->orderByDesc('opened_at')->first();

        return match (true) {
            $latest !== null => redirect()->route('bench.show', $latest->ulid),
            $draft->brief() !== null => redirect()->route('bench.show', 'draft'),
            default => redirect()->route('start'),
        };
    }

    public function show(Request $request, Dessert $dessert): Response
    {
        $dessert->recipe?->update(['opened_at' => now()]);

        return $this->bench->page($request, $dessert);
    }

    public function text(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $text = $request->input('text');
        $brief = $dessert->brief->but(text: is_string($text) ? $text : '');
        try {
            $this->kernel->read($brief);
        } catch (UnreadableRecipe $fault) {
            return $this->bench->refuse($request, $dessert, new MessageBag(['text' => $fault->getMessage()]));
        }

        return $this->bench->kept($request, $dessert->keep($brief));
    }

    public function proposals(Request $request, Dessert $dessert): View
    {
        return view($request->hasHeader('HX-Request') ? 'bench.proposals' : 'proposals', [
            'dessert' => $dessert,
            'proposals' => $this->kernel->propose($dessert->brief),
            'convention' => $dessert->brief->convention,
            'names' => $this->kernel->catalogue->foodNames(),
            'gains' => $this->kernel->gains($this->kernel->convert($dessert->brief)),
        ]);
    }

    /** A part of the Bench that a page has not, because nobody looked at it. */
    public function part(Dessert $dessert, string $part): View
    {
        $conversion = $this->kernel->convert($dessert->brief);

        return view("bench.$part", [
            'page' => new BenchPage($dessert, $conversion, $this->kernel, new MessageBag, [], null),
        ]);
    }

    /** The weave's twin for reading aloud: the same swap as one table. */
    public function table(Dessert $dessert): View
    {
        $conversion = $this->kernel->convert($dessert->brief);

        return view('weave-table', [
            'page' => new BenchPage($dessert, $conversion, $this->kernel, new MessageBag, [], null),
        ]);
    }
}
