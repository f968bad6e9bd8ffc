<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Brief;
use App\Models\Recipe;

/** What lies on the Bench: a kept recipe, or a guest's draft. Both are worked on in the same way. */
final readonly class Dessert
{
    private function __construct(public Brief $brief, public History $history, public ?Recipe $recipe, private ?Draft $draft) {}

    public static function ofRecipe(Recipe $recipe): self
    {
        return new self($recipe->brief(), $recipe->latest->history(), $recipe, null);
    }

    public static function ofDraft(Draft $draft): ?self
    {
        $brief = $draft->brief();

        return $brief === null ? null : new self($brief, $draft->history(), null, $draft);
    }

    public function keep(Brief $brief): self
    {
        return $this->store($brief, $this->history->with($this->brief, $brief));
    }

    public function undo(): self
    {
        $back = $this->history->undo($this->brief);

        return $back === null ? $this : $this->store(...$back);
    }

    public function redo(): self
    {
        $forth = $this->history->redo($this->brief);

        return $forth === null ? $this : $this->store(...$forth);
    }

    /** @param  string  $what "bench", "counter", or a part of them such as "bench/wishes" */
    public function path(string $what): string
    {
        [$screen, $rest] = [...explode('/', $what, 2), ''];

        return '/'.$screen.'/'.($this->recipe->ulid ?? 'draft').($rest === '' ? '' : "/$rest");
    }

    private function store(Brief $brief, History $history): self
    {
        if ($this->recipe !== null) {
            $this->recipe->keep($brief, $history);
        } else {
            $this->draft?->keep($brief, $history);
        }

        return new self($brief, $history, $this->recipe, $this->draft);
    }
}
