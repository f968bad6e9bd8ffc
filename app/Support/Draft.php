<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Brief;
use Aglyca\Core\BriefJson;
use App\Models\Kitchen;
use App\Models\Recipe;
use Illuminate\Contracts\Session\Session;

/** A dessert pasted without an account: it lives in the session until someone signs in, and then becomes a recipe. */
final readonly class Draft
{
    private const KEY = 'draft';

    public function __construct(private Session $session) {}

    public function brief(): ?Brief
    {
        $stored = $this->session->get(self::KEY.'.document');

        return is_array($stored) ? BriefJson::read($stored) : null;
    }

    public function history(): History
    {
        return new History($this->session->get(self::KEY.'.past', []), $this->session->get(self::KEY.'.future', []));
    }

    public function keep(Brief $brief, History $history = new History): void
    {
        $this->session->put(self::KEY, [
            'document' => BriefJson::of($brief),
            'past' => $history->past,
            'future' => $history->future,
        ]);
    }

    public function claimFor(Kitchen $kitchen): ?Recipe
    {
        $brief = $this->brief();
        if ($brief === null) {
            return null;
        }
        $recipe = Recipe::begin($kitchen, $brief);
        $recipe->latest->update(['past' => $this->history()->past, 'future' => $this->history()->future]);
        $this->session->forget(self::KEY);

        return $recipe;
    }
}
