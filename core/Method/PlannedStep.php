<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Quantity\Duration;

/** A step as it is to be done: pieces of text in order, where what the swap changed carries what it was. */
final readonly class PlannedStep
{
    /**
     * @param  list<StepPiece>  $pieces
     * @param  string  $written  the step as the recipe has it; "" for one that the swap asks for
     * @param  list<float>  $heats  °C, of an oven without fan
     * @param  ?Duration  $minutes  in the oven, or of what is done for a time
     * @param  list<StepUse>  $uses  what goes in at it
     * @param  ?int  $component  that it works on; null where only its place says so
     */
    private function __construct(
        public array $pieces,
        public string $written,
        public array $heats = [],
        public ?Duration $minutes = null,
        public ?Action $action = null,
        public array $uses = [],
        public ?int $component = null,
    ) {}

    /**
     * @param  list<StepPiece>  $pieces
     * @param  list<float>  $heats
     * @param  list<StepUse>  $uses
     */
    public static function rewritten(
        array $pieces, string $written, array $heats, ?Duration $minutes, ?Action $action, array $uses, ?int $component,
    ): self {
        return new self($pieces, $written, $heats, $minutes, $action, $uses, $component);
    }

    public static function added(string $text): self
    {
        return new self([new StepPiece($text)], '');
    }

    /**
     * Of the family's usual method, where the recipe has none.
     *
     * @param  list<float>  $heats
     * @param  list<StepUse>  $uses
     */
    public static function usual(
        string $text,
        array $heats,
        ?Duration $minutes,
        array $uses,
        ?int $component = null,
    ): self {
        return new self([new StepPiece($text)], '', $heats, $minutes, null, $uses, $component);
    }

    /** @param  list<StepUse>  $uses */
    public function using(array $uses): self
    {
        return new self(
            $this->pieces,
            $this->written,
            $this->heats,
            $this->minutes,
            $this->action,
            $uses,
            $this->component,
        );
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
