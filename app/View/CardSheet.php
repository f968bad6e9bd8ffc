<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Http\Request;

/** The card on its sheet, with the paper that it is meant for and its link. */
final readonly class CardSheet
{
    public Card $card;

    public string $paper;

    public ?string $link;

    public function __construct(public BenchPage $page, Request $request)
    {
        $this->card = new Card($page->conversion, $page->kernel);
        $this->paper = $request->query('paper') === 'letter' ? 'letter' : 'a4';
        $share = $page->dessert->recipe?->share()->first();
        $this->link = $share === null ? null : url("/s/$share->token");
    }
}
