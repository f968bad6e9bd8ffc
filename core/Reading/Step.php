<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Temperature;

/** One step of the method, with the oven heats and times that stand in it. */
final readonly class Step
{
    /**
     * @param  list<array{at: int, length: int, heat: Temperature, fan: bool}>  $heats  places are bytes in the text
     * @param  list<array{at: int, length: int, low: float, high: float, bakes: bool}>  $times  minutes; some steps rest or chill as well as bake
     * @param  bool  $isBake  it is in the oven, for one of its times where it has any
     */
    public function __construct(public string $text, public array $heats, public array $times, public bool $isBake) {}

    /** The longest time in the oven. */
    public function bakeMinutes(): float
    {
        return max([0.0, ...array_column(array_filter($this->times, static fn (array $t): bool => $t['bakes']), 'high')]);
    }

    /**
     * The step parted where its baking begins: "Fold in the flour." and "Bake for 20 minutes."
     *
     * @return array{?self, self} null where the baking stands in the first sentence
     */
    public function beforeBaking(): array
    {
        $at = min([strlen($this->text), ...array_column(array_filter($this->times, static fn (array $t): bool => $t['bakes']), 'at')]);
        preg_match_all('~[.!?]\s+(?=\p{Lu})~u', substr($this->text, 0, $at), $ends, PREG_OFFSET_CAPTURE);
        $end = end($ends[0]);
        if (! $this->isBake || $end === false) {
            return [null, $this];
        }
        $cut = $end[1] + strlen($end[0]);
        $moved = static fn (array $mark): array => ['at' => $mark['at'] - $cut] + $mark;

        return [
            new self(rtrim(substr($this->text, 0, $cut)), array_values(array_filter($this->heats, static fn (array $h): bool => $h['at'] < $cut)), array_values(array_filter($this->times, static fn (array $t): bool => $t['at'] < $cut)), false),
            new self(substr($this->text, $cut), array_map($moved, array_values(array_filter($this->heats, static fn (array $h): bool => $h['at'] >= $cut))), array_map($moved, array_values(array_filter($this->times, static fn (array $t): bool => $t['at'] >= $cut))), true),
        ];
    }
}
