<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\UnreadableRecipe;
use App\Models\Share;
use App\Support\CardPdf;
use App\Support\Number;
use App\Support\Workpiece;
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

    public function __construct(private Kernel $workshop, private Sheet $sheet) {}

    public function show(Request $request, Workpiece $piece): Response
    {
        return $this->sheet->show($request, $piece, 'card', CardSheet::class);
    }

    public function pdf(Request $request, Workpiece $piece): Response
    {
        $card = new Card($this->workshop->work($piece->document), $this->workshop);
        $paper = $request->query('paper') === 'letter' ? 'letter' : 'a4';

        return response(CardPdf::of($card, $paper), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'attachment; filename="'.Str::slug($card->title()).'.pdf"']);
    }

    public function tin(Request $request, Workpiece $piece): Response
    {
        $copies = Number::from($request->query('copies')) ?? 1.0;

        return response()->view('tin', [
            'card' => new Card($this->workshop->work($piece->document), $this->workshop), 'piece' => $piece,
            'copies' => (int) max(1, min(self::MOST_LABELS, $copies)), 'baked' => mb_substr((string) $request->query('baked', now()->format('j F Y')), 0, 40),
        ]);
    }

    public function share(Workpiece $piece): RedirectResponse
    {
        $recipe = $piece->recipe ?? abort(404);
        $recipe->share()->firstOrCreate([], ['token' => Str::random(Share::TOKEN)]);

        return redirect($piece->path('bench/card').'#link')->with('undo', ['said' => 'Whoever has the link can read the card.', 'to' => $piece->path('bench/unshare'), 'label' => 'Withdraw it']);
    }

    public function unshare(Workpiece $piece): RedirectResponse
    {
        ($piece->recipe ?? abort(404))->share()->delete();

        return redirect($piece->path('bench/card').'#link')->with('said', 'The link is withdrawn: it leads nowhere now.');
    }

    /** The card alone, for whoever has the link; with the kitchen's own packages, and nothing else of the kitchen. */
    public function read(string $token): Response
    {
        $recipe = Share::query()->with(['recipe.latest', 'recipe.kitchen'])->where('token', $token)->first()?->recipe ?? abort(404);
        $workshop = app(\App\Support\Trade::class)->workshop($recipe->kitchen->stock());
        try {
            $card = new Card($workshop->work($recipe->document()), $workshop);
        } catch (UnreadableRecipe) {
            abort(404);
        }

        return response()->view('shared', ['card' => $card], 200, ['X-Robots-Tag' => 'noindex, nofollow', 'Cache-Control' => 'no-store']);
    }
}
