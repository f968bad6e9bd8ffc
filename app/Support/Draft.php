<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Bench\Document;
use App\Models\Kitchen;
use App\Models\Recipe;
use Illuminate\Contracts\Session\Session;

/** A dessert pasted without an account: it lives in the session until someone signs in, and then becomes a recipe. */
final readonly class Draft
{
    private const KEY = 'draft';

    public function __construct(private Session $session) {}

    public function document(): ?Document
    {
        $stored = $this->session->get(self::KEY);

        return is_array($stored) ? Document::fromArray($stored) : null;
    }

    public function keep(Document $document): void
    {
        $this->session->put(self::KEY, $document->toArray());
    }

    public function claimFor(Kitchen $kitchen): ?Recipe
    {
        $document = $this->document();
        if ($document === null) {
            return null;
        }
        $recipe = Recipe::begin($kitchen, $document);
        $this->session->forget(self::KEY);

        return $recipe;
    }
}
