<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** How many pieces a recipe says that it makes; of a range the lower, which makes the larger piece. */
final readonly class Yielded
{
    /**
     * @param  ?int  $pieces  null where the text does not say
     * @param  string  $pieceName  of one, "cookie"; "" where the text does not say
     */
    public function __construct(public ?int $pieces, public string $pieceName) {}

    public static function unknown(): self
    {
        return new self(null, '');
    }
}
