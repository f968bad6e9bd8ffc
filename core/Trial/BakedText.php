<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

/** A recipe as text, and how it came out. */
final readonly class BakedText
{
    public function __construct(public string $recipe, public BakeNotes $notes) {}
}
