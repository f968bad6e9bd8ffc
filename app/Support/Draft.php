<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Brief;
use App\Models\Kitchen;
use App\Models\Recipe;
use Illuminate\Contracts\Session\Session;

/** A dessert pasted without an account: it lives in the session until someone signs in, and then becomes a recipe. */
final readonly class Draft
{
    private const KEY = 'draft';

    public function __construct(private Session $session) {}

    public function document(): ?Brief
    {
        $stored = $this->session->get(self::KEY.'.document');

        return is_array($stored) ? Brief::fromArray($stored) : null;
    }

    public function history(): History
    {
        return new History($this->session->get(self::KEY.'.past', []), $this->session->get(self::KEY.'.future', []));
    }

    public function keep(Brief $document, History $history = new History): void
    {
        $this->session->put(self::KEY, ['document' => $document->toArray(), 'past' => $history->past, 'future' => $history->future]);
    }

    public function claimFor(Kitchen $kitchen): ?Recipe
    {
        $document = $this->document();
        if ($document === null) {
            return null;
        }
        $recipe = Recipe::begin($kitchen, $document);
        $recipe->keep($document, $this->history());
        $this->session->forget(self::KEY);

        return $recipe;
    }
}
