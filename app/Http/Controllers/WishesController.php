<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use App\Http\Requests\AmountRequest;
use App\Http\Requests\BlendRequest;
use App\Http\Requests\WishesRequest;
use App\Support\BenchAnswer;
use App\Support\Dessert;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** What the baker asks of a swap. */
final readonly class WishesController
{
    public function __construct(private Kernel $kernel, private BenchAnswer $bench) {}

    public function wish(WishesRequest $request, Dessert $dessert): Response|RedirectResponse
    {
        return $this->bench->wished($request, $dessert->brief, $dessert->keep($request->applied($dessert->brief)));
    }

    /** How carbs are counted, asked once: of this dessert and of those to come. */
    public function counts(WishesRequest $request, Dessert $dessert): Response|RedirectResponse
    {
        $brief = $request->applied($dessert->brief);
        $kitchen = $request->user()?->kitchen;
        if ($kitchen === null) {
            $request->session()->put('counts', $brief->convention->value);
        } else {
            $kitchen->update(['convention' => $brief->convention->value, 'counts_said_at' => now()]);
        }

        return $this->bench->kept($request, $dessert->keep($brief));
    }

    public function blend(BlendRequest $request, Dessert $dessert): Response|RedirectResponse
    {
        return $this->bench->wished(
            $request,
            $dessert->brief,
            $dessert->keep($dessert->brief->wishing(blend: $request->blend())),
        );
    }

    /** An own amount for something of the swap, or the programme's again. */
    public function amount(AmountRequest $request, Dessert $dessert): Response|RedirectResponse
    {
        $amounts = $request->applied($dessert->brief->wishes->amounts, $this->kernel);

        return $this->bench->wished(
            $request,
            $dessert->brief,
            $dessert->keep($dessert->brief->wishing(amounts: $amounts)),
        );
    }
}
