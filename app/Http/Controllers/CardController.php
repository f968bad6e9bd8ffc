<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Swap\KitchenLimits;
use App\Models\Share;
use App\Support\CardPdf;
use App\Support\Dessert;
use App\Support\Number;
use App\View\Card;
use App\View\CardSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A dessert on one page, on a tin, as a PDF, and under a link. */
final readonly class CardController
{
    private const MOST_LABELS = 24;

    public function __construct(private Kernel $kernel, private Sheet $sheet) {}

    public function show(Request $request, Dessert $dessert): Response
    {
        return $this->sheet->show($request, $dessert, 'card', CardSheet::class);
    }

    public function pdf(Request $request, Dessert $dessert): Response
    {
        $card = new Card($this->kernel->convert($dessert->brief), $this->kernel);
        $paper = $request->query('paper') === 'letter' ? 'letter' : 'a4';

        return response(CardPdf::of($card, $paper), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="'.Str::slug($card->title()).'.pdf"',
        ]);
    }

    public function tin(Request $request, Dessert $dessert): Response
    {
        $copies = Number::from($request->query('copies')) ?? 1.0;

        return response()->view('tin', [
            'card' => new Card($this->kernel->convert($dessert->brief), $this->kernel),
            'dessert' => $dessert,
            'copies' => (int) max(1, min(self::MOST_LABELS, $copies)),
            'baked' => mb_substr((string) $request->query('baked', now()->format('j F Y')), 0, 40),
        ]);
    }

    public function share(Dessert $dessert): RedirectResponse
    {
        $recipe = $dessert->recipe ?? abort(404);
        $recipe->share()->firstOrCreate([], ['token' => Str::random(Share::TOKEN)]);

        return redirect($dessert->path('bench/card').'#link')->with('undo', [
            'said' => 'Whoever has the link can read the card.',
            'to' => $dessert->path('bench/unshare'),
            'label' => 'Withdraw it',
        ]);
    }

    public function unshare(Dessert $dessert): RedirectResponse
    {
        ($dessert->recipe ?? abort(404))->share()->delete();

        return redirect($dessert->path('bench/card').'#link')->with(
            'said',
            'The link is withdrawn: it leads nowhere now.',
        );
    }

    /** The card alone, for whoever has the link; with the kitchen's own packages, and nothing else of the kitchen. */
    public function read(string $token): Response
    {
        $share = Share::query()->with(['recipe.latest', 'recipe.kitchen'])->where('token', $token)->first();
        // The database takes large and small letters for the same; a token does not.
        abort_unless(
            $share !== null &&
                hash_equals($share->token, $token) &&
                $share->recipe !== null &&
                $share->recipe->kitchen->closed_at === null,
            404,
        );
        $recipe = $share->recipe;
        // Whom the kitchen bakes for is nobody's business.
        $limits = $recipe->kitchen->limits();
        $brief = $recipe->brief()->in(new KitchenLimits($limits->netCarbs, null, $limits->refused, $limits->heats));
        $kernel = app(\App\Support\Trade::class)->kernel($recipe->kitchen->stock());
        try {
            $card = new Card($kernel->convert($brief), $kernel);
        } catch (UnreadableRecipe) {
            abort(404);
        }

        return response()->view('shared', ['card' => $card], 200, [
            'X-Robots-Tag' => 'noindex, nofollow',
            'Cache-Control' => 'no-store',
        ]);
    }
}
