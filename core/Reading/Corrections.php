<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** What the baker said of the lines of a recipe. */
final readonly class Corrections
{
    /** @param  array<string, Correction>  $byLine  by line key */
    public function __construct(public array $byLine = []) {}

    public function of(string $line): ?Correction
    {
        return $this->byLine[$line] ?? null;
    }

    public function with(string $line, Correction $correction): self
    {
        return new self([...$this->byLine, $line => $correction]);
    }

    public function without(string $line): self
    {
        return new self(array_diff_key($this->byLine, [$line => true]));
    }
}
