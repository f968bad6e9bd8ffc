<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** One step of the method, with the heats and times that stand in it. */
final readonly class Step
{
    /**
     * @param  list<Heat>  $heats
     * @param  list<Timing>  $times  some steps rest or chill as well as bake
     * @param  bool  $isBake  it is in the oven, for one of its times where it has any
     */
    public function __construct(public string $text, public array $heats, public array $times, public bool $isBake) {}

    /** The longest time in the oven. */
    public function bakeMinutes(): float
    {
        return max([0.0, ...array_column($this->bakes(), 'high')]);
    }

    /** @return list<Timing> */
    public function bakes(): array
    {
        return array_values(array_filter($this->times, static fn (Timing $t): bool => $t->isBaking));
    }

    /** Where the sentence begins in which the baking does; null where it is the first. */
    public function bakingFrom(): ?int
    {
        $bakes = array_column($this->bakes(), 'at');
        $at = min([strlen($this->text), ...$bakes]);
        // A fruit that bakes alone while its dough is mixed: the bake that counts is the one behind the mixing.
        foreach ($bakes as $later) {
            if (
                $later > $at &&
                preg_match(
                    '~[.;!]\s[^.;!]*\b(?:combine|mix|stir|whisk|beat|fold|rub|cut(?!\s+side))\b~iu',
                    substr($this->text, $at, $later - $at),
                ) === 1
            ) {
                $at = $later;
            }
        }
        preg_match_all('~(?<!\bmin|mins|\bhr|hrs|\bca|approx)[.!?]\s+(?=\p{Lu}|\d)~u', substr($this->text, 0, $at), $ends, PREG_OFFSET_CAPTURE);
        if ($ends[0] === []) {
            // Of who writes without capitals each stop ends something.
            preg_match_all('~(?<!\bmin|mins|\bhr|hrs|\bca|approx)[.!?]\s+(?=\S)~u', substr($this->text, 0, $at), $ends, PREG_OFFSET_CAPTURE);
        }
        $end = end($ends[0]);

        return ! $this->isBake || $end === false ? null : $end[1] + strlen($end[0]);
    }

    /** What stands before a byte; a bake only where something bakes alone in it. */
    public function before(int $byte): self
    {
        $times = array_values(array_filter($this->times, static fn (Timing $t): bool => $t->at < $byte));

        return new self(
            rtrim(substr($this->text, 0, $byte)),
            array_values(array_filter($this->heats, static fn (Heat $h): bool => $h->at < $byte)),
            $times,
            array_filter($times, static fn (Timing $t): bool => $t->isBaking) !== [],
        );
    }

    public function from(int $byte): self
    {
        $heats = array_values(array_filter($this->heats, static fn (Heat $h): bool => $h->at >= $byte));
        $times = array_values(array_filter($this->times, static fn (Timing $t): bool => $t->at >= $byte));

        return new self(
            substr($this->text, $byte),
            array_map(static fn (Heat $h): Heat => $h->movedBy(-$byte), $heats),
            array_map(static fn (Timing $t): Timing => $t->movedBy(-$byte), $times), $this->isBake,
        );
    }
}
