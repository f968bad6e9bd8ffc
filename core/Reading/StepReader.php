<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** Reads a step of the method: its heats, its times, and whether it bakes. */
final readonly class StepReader
{
    private const BAKE = '~\b(?:bake[sd]?|baking(?!\s+(?:powder|soda|sheets?|trays?|tins?|pans?|paper|parchment|dish|stone))|cook(?:ed)?\s+in\s+the\s+oven|(?:return|back)(?:ed)?\s+(?:it\s+)?to\s+the\s+oven|into\s+the\s+oven|in\s+the\s+oven|air[- ]?fr(?:y|ied)|roast(?:ed)?)\b~iu';

    private const TILL_DONE = '~[.;]\s+(?:for\s+)?\d+(?:\s?(?:-|–|to)\s?\d+)?\s*(?:min|hour|hr)\w*(?:\W*(?:un)?till?\b|\s*[-–—:]\s)[^.;]*\b(?:golden|risen|brown\w*|set|bubbl\w+|spring\w+|puffed|crisp|cooked|skewer|clean|done)\b~iu';

    /** Bytes: of a longer step each piece is read by itself, so that no time is read with more in hand. */
    private const LONGEST = 600;

    public function __construct(private Heats $heats, private Times $times) {}

    /** @param  ?Heat  $earlier  the first heat of the method */
    public function read(string $text, ?Heat $earlier = null): Step
    {
        $isNamed = preg_match(self::BAKE, $text) === 1;
        [$times, $heats, $at] = [[], [], 0];
        foreach (Pieces::of($text, self::LONGEST) as $piece) {
            array_push($times, ...array_map(
                static fn (Timing $t): Timing => $t->movedBy($at),
                $this->times->in($piece),
            ));
            array_push($heats, ...array_map(
                static fn (Heat $h): Heat => $h->movedBy($at),
                $this->heats->in($piece, $isNamed, $heats[0] ?? $earlier),
            ));
            $at += strlen($piece);
        }
        $ovens = array_filter($heats, static fn (Heat $h): bool => $h->isOven);
        $hasBake = in_array(true, array_column($times, 'isBaking'), true);
        // "Brush with egg. 12-15 min till risen and golden."
        $isTillDone = preg_match(self::TILL_DONE, $text) === 1;
        // "180 °C 13 to 15 min" bakes too, without a word for it; so does "40 mins till bubbling", once the oven is on.
        $isTime =
            $earlier !== null &&
            ($isTillDone || preg_match(
                '~(?:^\W*|\b(?:pan|tin|dish|tray|mould|sheet)s?\b,?\s+)(?:for\s+)?\d+(?:\s?(?:-|–|to)\s?\d+)?\s*(?:min|hour|hr)~iu',
                $text,
            ) === 1);
        $bakes = $isNamed ? $times === [] || $hasBake : ($ovens !== [] || $isTime) && $hasBake;

        return new Step($text, $heats, $times, $bakes);
    }

    /**
     * @param  list<string>  $texts
     * @return list<Step>
     */
    public function all(array $texts): array
    {
        $steps = [];
        $first = null;
        foreach ($texts as $text) {
            $step = $this->read($text, $first);
            $first ??= array_values(array_filter($step->heats, static fn (Heat $h): bool => $h->isOven))[0] ?? null;
            $steps[] = $step;
        }

        return $steps;
    }
}
