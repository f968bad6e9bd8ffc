<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** A step as it is to be done: pieces of text in order, where what the swap changed carries what it was. */
final readonly class PlannedStep
{
    /**
     * @param  list<StepPiece>  $pieces
     * @param  bool  $isAdded  it stands in no recipe: the swap asks for it
     */
    private function __construct(public array $pieces, public bool $isAdded) {}

    /** @param  list<StepPiece>  $pieces */
    public static function rewritten(array $pieces): self
    {
        return new self($pieces, false);
    }

    public static function added(string $text): self
    {
        return new self([new StepPiece($text)], true);
    }

    public function text(): string
    {
        return implode('', array_column($this->pieces, 'text'));
    }
}
