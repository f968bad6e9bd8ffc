<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Brief;
use App\Models\Recipe;

/** What lies on the Bench: a kept recipe, or a guest's draft. Both are worked on in the same way. */
final readonly class Workpiece
{
    private function __construct(public Brief $document, public History $history, public ?Recipe $recipe, private ?Draft $draft) {}

    public static function ofRecipe(Recipe $recipe): self
    {
        return new self($recipe->document(), $recipe->latest->history(), $recipe, null);
    }

    public static function ofDraft(Draft $draft): ?self
    {
        $document = $draft->document();

        return $document === null ? null : new self($document, $draft->history(), null, $draft);
    }

    public function keep(Brief $document): self
    {
        return $this->store($document, $this->history->with($this->document, $document));
    }

    public function undo(): self
    {
        $back = $this->history->undo($this->document);

        return $back === null ? $this : $this->store(...$back);
    }

    public function redo(): self
    {
        $forth = $this->history->redo($this->document);

        return $forth === null ? $this : $this->store(...$forth);
    }

    /** @param  string  $what "bench", "counter", or a part of them such as "bench/wishes" */
    public function path(string $what): string
    {
        [$screen, $rest] = [...explode('/', $what, 2), ''];

        return '/'.$screen.'/'.($this->recipe->ulid ?? 'draft').($rest === '' ? '' : "/$rest");
    }

    private function store(Brief $document, History $history): self
    {
        if ($this->recipe !== null) {
            $this->recipe->keep($document, $history);
        } else {
            $this->draft?->keep($document, $history);
        }

        return new self($document, $history, $this->recipe, $this->draft);
    }
}
