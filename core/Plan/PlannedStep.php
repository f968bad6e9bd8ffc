<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Quantity\Duration;

/** A step as it is to be done: pieces of text in order, where what the swap changed carries what it was. */
final readonly class PlannedStep
{
    /**
     * @param  list<StepPiece>  $pieces
     * @param  string  $written  the step as the recipe has it; "" for one that the swap asks for
     * @param  list<float>  $heats  °C, of an oven without fan
     * @param  ?Duration  $minutes  in the oven, or of what is done for a time
     */
    private function __construct(public array $pieces, public string $written, public array $heats, public ?Duration $minutes) {}

    /**
     * @param  list<StepPiece>  $pieces
     * @param  list<float>  $heats
     */
    public static function rewritten(array $pieces, string $written, array $heats, ?Duration $minutes): self
    {
        return new self($pieces, $written, $heats, $minutes);
    }

    public static function added(string $text): self
    {
        return new self([new StepPiece($text)], '', [], null);
    }

    public function isAdded(): bool
    {
        return $this->written === '';
    }

    public function text(): string
    {
        return implode('', array_column($this->pieces, 'text'));
    }
}
