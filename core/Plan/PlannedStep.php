<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** A step as it is to be done: pieces of text in order, where what the swap changed carries what it was. */
final readonly class PlannedStep
{
    /** @param  list<array{text: string, was: string}>  $pieces `was` is "" for what stays */
    public function __construct(public array $pieces, public bool $added = false) {}

    public function text(): string
    {
        return implode('', array_column($this->pieces, 'text'));
    }

    public static function added(string $text): self
    {
        return new self([['text' => $text, 'was' => '']], true);
    }
}
