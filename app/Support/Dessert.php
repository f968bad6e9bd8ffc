<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Brief;
use App\Models\Recipe;

/** What lies on the Bench: a kept recipe, or a guest's draft. Both are worked on in the same way. */
final readonly class Dessert
{
    private function __construct(
        public Brief $brief,
        public History $history,
        public ?Recipe $recipe,
        private ?Draft $draft,
    ) {}

    /**
     * @param  ?int  $seen  the revision that the page was made of which asks for a change; null for what stands there
     *     now
     */
    public static function ofRecipe(Recipe $recipe, ?int $seen = null): self
    {
        return new self(
            $seen === null ? $recipe->brief() : $recipe->briefAt($seen),
            $recipe->latest->history(),
            $recipe,
            null,
        );
    }

    public static function ofDraft(Draft $draft): ?self
    {
        $brief = $draft->brief();

        return $brief === null ? null : new self($brief, $draft->history(), null, $draft);
    }

    public function keep(Brief $brief): self
    {
        if ($this->recipe !== null) {
            $this->recipe->change($this->brief, $brief);

            return self::ofRecipe($this->recipe);
        }

        return $this->kept($brief, $this->history->with($this->brief, $brief));
    }

    public function undo(): self
    {
        $this->recipe?->undo();
        $back = $this->recipe === null ? $this->history->undo($this->brief) : null;

        return $this->recipe !== null
            ? self::ofRecipe($this->recipe)
            : ($back === null
                ? $this
                : $this->kept(...$back));
    }

    public function redo(): self
    {
        $this->recipe?->redo();
        $forth = $this->recipe === null ? $this->history->redo($this->brief) : null;

        return $this->recipe !== null
            ? self::ofRecipe($this->recipe)
            : ($forth === null
                ? $this
                : $this->kept(...$forth));
    }

    public function revision(): int
    {
        return $this->recipe->revision ?? 0;
    }

    /** @param  string  $what "bench", "counter", or a part of them such as "bench/wishes" */
    public function path(string $what): string
    {
        [$screen, $rest] = [...explode('/', $what, 2), ''];

        return '/'.$screen.'/'.($this->recipe->ulid ?? 'draft').($rest === '' ? '' : "/$rest");
    }

    private function kept(Brief $brief, History $history): self
    {
        $this->draft?->keep($brief, $history);

        return new self($brief, $history, null, $this->draft);
    }
}
