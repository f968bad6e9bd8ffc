<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Bench\Document;
use App\Models\Recipe;

/** What lies on the Bench: a kept recipe, or a guest's draft. Both are worked on in the same way. */
final readonly class Workpiece
{
    private function __construct(public Document $document, public ?Recipe $recipe, private ?Draft $draft) {}

    public static function ofRecipe(Recipe $recipe): self
    {
        return new self($recipe->document(), $recipe, null);
    }

    public static function ofDraft(Draft $draft): ?self
    {
        $document = $draft->document();

        return $document === null ? null : new self($document, null, $draft);
    }

    public function keep(Document $document): self
    {
        if ($this->recipe !== null) {
            $this->recipe->keep($document);
        } else {
            $this->draft?->keep($document);
        }

        return new self($document, $this->recipe, $this->draft);
    }

    /** @param  string  $what "bench", "counter", or a part of them such as "bench/wishes" */
    public function path(string $what): string
    {
        [$screen, $rest] = [...explode('/', $what, 2), ''];

        return '/'.$screen.'/'.($this->recipe->ulid ?? 'draft').($rest === '' ? '' : "/$rest");
    }
}
