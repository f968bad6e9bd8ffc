<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** A stretch of a text, in bytes. */
final readonly class Span
{
    public function __construct(public int $at, public int $length) {}

    public function covers(int $byte): bool
    {
        return $byte >= $this->at && $byte < $this->at + $this->length;
    }

    /** Where the part stands in the text, from an offset on; null where it does not, or is empty. */
    public static function of(string $part, string $text, int $from = 0): ?self
    {
        $at = $part === '' ? false : strpos($text, $part, $from);

        return $at === false ? null : new self($at, strlen($part));
    }
}
