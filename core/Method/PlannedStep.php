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

    /**
     * The step without stretches of its text; what they were stays a touch away. It bakes no more.
     *
     * @param  array<int, int>  $cuts  byte of the text => length
     */
    public function without(array $cuts): self
    {
        [$pieces, $at] = [[], 0];
        foreach ($this->pieces as $piece) {
            $length = strlen($piece->text);
            $marks = [0, $length];
            foreach ($cuts as $from => $size) {
                array_push($marks, ...array_filter(
                    [$from - $at, $from + $size - $at],
                    static fn (int $mark): bool => $mark > 0 && $mark < $length,
                ));
            }
            sort($marks);
            $was = $piece->was;
            foreach (array_slice($marks, 1) as $n => $end) {
                $text = substr($piece->text, $marks[$n], $end - $marks[$n]);
                $isCut = self::covers($cuts, $at + $marks[$n]);
                $pieces[] = new StepPiece($isCut ? '' : $text, $isCut && $was === '' ? $text : $was);
                $was = '';
            }
            $at += $length;
        }

        return new self($pieces, $this->written, [], null, $this->action, $this->uses, $this->component);
    }

    /**
     * What stands before a byte of the text, with all that goes in, and what stands behind it.
     *
     * @return array{self, self}
     */
    public function parted(int $byte): array
    {
        [$before, $behind, $at] = [[], [], 0];
        foreach ($this->pieces as $piece) {
            $here = max(0, min(strlen($piece->text), $byte - $at));
            if ($here > 0 || $at + strlen($piece->text) <= $byte) {
                $before[] = new StepPiece(substr($piece->text, 0, $here), $piece->was);
            }
            if ($here < strlen($piece->text)) {
                $behind[] = new StepPiece(substr($piece->text, $here), $here > 0 ? '' : $piece->was);
            }
            $at += strlen($piece->text);
        }

        return [
            new self(
                $before, $this->written, $this->heats, $this->minutes, $this->action, $this->uses, $this->component,
            ),
            new self($behind, $this->written, [], null, null, [], $this->component),
        ];
    }

    /** @param  array<int, int>  $cuts */
    private static function covers(array $cuts, int $byte): bool
    {
        foreach ($cuts as $from => $length) {
            if ($byte >= $from && $byte < $from + $length) {
                return true;
            }
        }

        return false;
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
