<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

use Aglyca\Core\Reading\Fate;

/** A piece of a text that is one thing. */
final readonly class Cell
{
    /** @param  ?Fate  $fate  where the way in which the text is laid out says what it is */
    public function __construct(public string $text, public ?Fate $fate = null) {}

    /**
     * @param  list<string>  $texts
     * @return list<self>
     */
    public static function all(array $texts): array
    {
        return array_map(static fn (string $text): self => new self($text), $texts);
    }
}
