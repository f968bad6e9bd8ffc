<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\LineSplitter;
use Aglyca\Core\Reading\Words;

/** "225 g butter, 225 g sugar, 4 eggs": each with an amount of its own. */
final class CommaList implements LineForm
{
    private const MOST = 30;

    private string $cut;

    /** What stands beside the rest, and may do so without an amount. */
    private const BESIDE = '(?:to\s+(?:serve|finish|decorate|garnish|top)|for\s+(?:sprinkling|dusting|rolling|coating|serving|decorating|greasing|brushing))';

    private const OF_FRUIT = '~\b(?:juice|zest|rind)\s+(?:of|from)\s+\S+\s+(?:\pL+\s+)?(?<fruit>lemon|lime|orange|grapefruit|clementine|mandarin)s?\b~iu';

    private const OF_ONE = '~^(?:the\s+)?(?:finely\s+)?(?:grated\s+)?(?:juice|zest|rind)\s+(?:of|from)\s+(?:\d+|one|two|half)\s*$~iu';

    private const BEHIND = '~;\s*(?:and\s+|a\s+few\s+|some\s+)?(?<food>\pL+(?:\s+\pL+){0,3})\s*$~iu';

    private const SEASONED = '~,\s*(?:and\s+|&\s+)?(?:a\s+little\s+|some\s+)?(?<spice>(?:freshly\s+)?(?:ground\s+|grated\s+)?\pL+(?:\s+\pL+)?)\s*$~iu';

    private ?LineSplitter $lines = null;

    public function __construct(private readonly FoodIndex $foods, Words $words, private readonly Larder $larder)
    {
        $part =
            '(?:(?:the\s+|finely\s+|freshly\s+|grated\s+)*(?:juice|zest|rind|pulp|flesh|seeds|whites?|yolks?)\s+(?:(?:and|&|\+)\s+\pL+\s+)?(?:of\b|(?=\d))'.
            '|\pL+(?:\s+\pL+){0,2}\s+'.self::BESIDE.'\b'.
            '|(?:a|an)\s+(?:pinch|dash|splash|handful|knob|few|drop|little)\b|(?:pinch|dash|splash|handful|knob)\s+(?:of\s+)?\pL|(?:half|one|two|three|four|five|six)\s+\pL)';
        $this->cut =
            '~\s*[,;]\s*(?:and\s+)?(?:(?:about|around|roughly|maybe|perhaps)\s+(?=\S*\s))?(?=(?:'.
            $words->digit.
            '(?!\d*(?:\s?[-–]\s?\d+)?\s?(?:cm|inch|mm|min|%))|'.
            $part.
            '))(?![^(]*\))~iu';
    }

    /** The forms that each of the list may have. */
    public function with(LineSplitter $lines): self
    {
        $this->lines = $lines;

        return $this;
    }

    public function things(string $body): ?array
    {
        $parts = preg_split($this->cut, $body, self::MOST, PREG_SPLIT_OFFSET_CAPTURE) ?: [];
        if (count($parts) < 2 || $this->lines === null) {
            return null;
        }
        $things = [];
        $fruit = '';
        foreach ($parts as [$text, $at]) {
            if (preg_match(self::OF_FRUIT, $text, $m) === 1) {
                $fruit = $m['fruit'];
            }
            // "juice of 2 oranges, zest of 1": of the same fruit.
            $isOfIt = $fruit !== '' && preg_match(self::OF_ONE, $text) === 1;
            $found = $this->lines->split($isOfIt ? rtrim($text)." $fruit" : $text);
            // A second measure of the same thing, as in "1 cup, 240 ml, milk", is no list.
            foreach ($found as $thing) {
                $isBeside = $things !== [] &&
                    preg_match('~\b'.self::BESIDE.'\s*$~iu', $text) === 1 &&
                    (preg_match('~\bfor\s+\pL+\s*$~iu', $text) !== 1 || $this->foods->find($thing->name)->sure);
                // "zest of 1 lemon, juice of 2": of the same fruit.
                $isOfTheSame = preg_match('~^(?:juice|zest|rind)$~iu', trim($thing->name)) === 1 &&
                    preg_match('~^\W*(?:the\s+)?(?:juice|zest|rind)\s+(?:of|from)\b~iu', $text) === 1;
                // "4 bananas, 450 g peeled": what they weigh.
                $isNothing = trim($thing->name) === '' || ($things !== [] && $this->foods->isIgnored($thing->name));
                if (($thing->amount === null && ! $isBeside) || $isNothing || $isOfTheSame) {
                    return null;
                }
                $things[] = $thing->from($thing->from + $at);
            }
        }

        $last = end($parts) ?: ['', 0];
        if (count($things) > 1 && preg_match(self::BEHIND, $last[0], $m, PREG_OFFSET_CAPTURE) === 1) {
            // "½ mango, diced; 1 passion fruit; toasted coconut": a list of strokes may end so too.
            if ($this->foods->find($this->lines->split($m['food'][0])[0]->name)->sure) {
                $things[] = $this->lines->split($m['food'][0])[0]->from($last[1] + $m['food'][1]);
            }
        }
        if (count($things) > 1 && preg_match(self::SEASONED, $last[0], $m, PREG_OFFSET_CAPTURE) === 1) {
            // "…, 90 g sugar, freshly ground nutmeg": a list may end with what has no amount.
            $spice = $this->foods->find($m['spice'][0]);
            if ($spice->sure && $this->larder->find((string) $spice->food)?->role === Role::Flavour) {
                $things[] = $this->lines->split($m['spice'][0])[0]->from($last[1] + $m['spice'][1]);
            }
        }

        return count($things) > 1 ? $things : null;
    }
}
