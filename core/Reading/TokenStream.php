<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** Tokens and a place among them. */
final class TokenStream
{
    /** @param  list<Token>  $tokens */
    public function __construct(private readonly array $tokens, private int $at = 0) {}

    /** The token so far ahead, null past the end. */
    public function peek(int $ahead = 0): ?Token
    {
        return $this->tokens[$this->at + $ahead] ?? null;
    }

    /** The words of the token so far ahead in lower case, "" past the end. */
    public function lower(int $ahead = 0): string
    {
        return $this->peek($ahead)->lower ?? '';
    }

    public function previous(): ?Token
    {
        return $this->tokens[$this->at - 1] ?? null;
    }

    public function next(int $tokens = 1): void
    {
        $this->at += $tokens;
    }

    /** Goes on where the next token is one of these words. */
    public function skip(string ...$words): bool
    {
        $isNext = in_array($this->lower(), $words, true);
        $this->at += $isNext ? 1 : 0;

        return $isNext;
    }

    public function save(): int
    {
        return $this->at;
    }

    public function restore(int $at): void
    {
        $this->at = $at;
    }

    public function isAtEnd(): bool
    {
        return $this->at >= count($this->tokens);
    }
}
