<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** A piece of a line; `at` and `length` are bytes in the line's text. */
final readonly class Token
{
    public int $length;

    public string $lower;

    public function __construct(
        public TokenKind $kind,
        public string $text,
        public int $at,
        public ?float $value = null,
        public int $decimals = 0,
        ?int $length = null,
    ) {
        $this->length = $length ?? strlen($text);
        $this->lower = strtolower($text);
    }

    public function end(): int
    {
        return $this->at + $this->length;
    }

    public function isNumber(): bool
    {
        return $this->kind === TokenKind::Number || $this->kind === TokenKind::NumberWord;
    }
}
