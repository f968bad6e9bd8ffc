<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

/** Words of a step that name things of the ingredient list. */
final readonly class Mention
{
    /**
     * @param  int  $at  byte in the step's text
     * @param  list<int>  $doses  of the formula as written
     * @param  bool  $isGroup  "the dry ingredients", "everything": each of them without its name
     * @param  bool  $isMixture  "the flour mixture": what came of them earlier
     */
    public function __construct(
        public int $at,
        public int $length,
        public array $doses,
        public bool $isGroup = false,
        public bool $isMixture = false,
    ) {}

    public function in(string $text): string
    {
        return substr($text, $this->at, $this->length);
    }

    public function end(): int
    {
        return $this->at + $this->length;
    }
}
