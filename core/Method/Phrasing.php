<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Role;
use Aglyca\Core\Swap\Swap;

/** How new names stand in a sentence: in its list, with its amount, at its beginning, or in the place of nothing. */
final readonly class Phrasing
{
    /** Words before a name that belong to what is gone: "white granulated sugar". */
    private const FROTHS = '~\s*\([^()]*\b(?:froth|foam|fizz|bubbl)\w*[^()]*\)|(?<=[.!])\s+(?:it|this)(?:[\'’]ll|\s+will)?\s+(?:froth|foam|fizz|bubbl)[^.!]*[.!]~iu';

    private const LEADING = '~(?:\b(?:both|two|three|four|white|brown|caster|castor|granulated|icing|powdered|confectioner\'?s\'?|soft|light|dark|plain|self[- ]rais(?:ing|ed)|all[- ]purpose|whole|wheat|superfine|golden|demerara|muscovado|strong|bread|rolled|porridge)[\s-]+)+$~iu';

    private const AMOUNT = '~(?<!\d)(?!\d{2,3}\s?[CF]\b)(?:\d+\s+\d/\d|\d/\d|\d+(?:[.,]\d+)?\s*[½¼¾⅓⅔]?|[½¼¾⅓⅔])\s*(?:cups?|tablespoons?|tbsp|c|tbs|teaspoons?|tsp|g|grams?|ml|oz|ounces?)?\.?\s+(?:of\s+)?(?:the\s+)?$~iu';

    private const MIX_WITH = '~\b(?<verb>mix|dissolve|stir|combine)\s+(?:the\s+)?$~iu';

    /**
     * Pecans that came for the raisins of a sentence that has pecans already are more pecans.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    public function besides(Swap $swap, Operation $operation, Mention $mention, array $words): array
    {
        $there = [];
        foreach (array_diff($operation->ofSentence($mention), $mention->doses) as $d) {
            $food = $swap->before->doses[$d]->food;
            $there[] = $food?->role === Role::Mixin ? NewNames::name($food) : '';
        }

        if (count($words) !== 1) {
            return $words;
        }
        $each = preg_split('~,\s+|\s+and\s+~u', $words[0]) ?: [];
        $new = array_values(array_diff($each, $there));

        $isListed = preg_match('~^\s*(?:,|&|\+|and\b)~u', substr($operation->step->text, $mention->end())) === 1;

        return match (true) {
            in_array($words[0], $there, true) => ["more $words[0]"],
            // "Toss oats, almonds and coconut", of which the oats became more of both.
            $new === [] && $isListed => [],
            $new === [] || count($new) === count($each) => $words,
            // "Oats and almonds", of which the oats became almonds and coconut.
            default => $new,
        };
    }

    /**
     * Of two sugars that became the same things each is said once.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    private static function once(array $words): array
    {
        $each = array_merge(
            [],
            ...array_map(static fn (string $w): array => preg_split('~,\s+|\s+and\s+~u', $w) ?: [], $words),
        );
        $unique = array_values(array_unique($each));

        return count($words) > 1 && count($unique) < count($each) ? $unique : $words;
    }

    /**
     * In a list of the baker's the names go on with commas; alone they end with "and".
     *
     * @param  list<string>  $words
     */
    public function inList(string $text, Mention $mention, array $words): string
    {
        $names = NewNames::list(self::once($words));
        $goesOn = preg_match('~^(?:\s+and\b|,)~u', substr($text, $mention->end())) === 1;
        $isInList = preg_match('~(?:,|\band)\s+(?:the\s+)?$~u', substr($text, 0, $mention->at)) === 1;

        return $goesOn || $isInList ? str_replace(' and ', $goesOn ? ', ' : ' and ', $names) : $names;
    }

    public function replace(Rewriting $rewriting, int $i, string $text, Mention $mention, string $words): void
    {
        [$at, $length] = [$mention->at, $mention->length];
        if (! $mention->isMixture && preg_match(self::AMOUNT, substr($text, 0, $at), $m) === 1) {
            // "6 tablespoons sugar": so much of what is gone; the new grams stand beside the step.
            [$at, $length] = [$at - strlen($m[0]), $length + strlen($m[0])];
            if ($words !== '' && preg_match('~\pL.*\bof\s+the\s+$~iu', $m[0]) === 1) {
                $words = "part of the $words";
            }
        }
        if (preg_match(self::LEADING, substr($text, 0, $at), $m) === 1) {
            [$at, $length] = [$at - strlen($m[0]), $length + strlen($m[0])];
        }
        if ($words === '') {
            $end = $at + $length;
            [$at, $length] = $this->struck($text, $at, $length);
            $this->unmixed($rewriting, $i, $text, $at, $end);
        } elseif ($this->beginsSentence($text, $at)) {
            $words = ucfirst($words);
        }
        if (! $rewriting->isEdited($i, $at, $at + $length)) {
            $rewriting->edit($i, $at, $length, $words);
        }
    }

    /** "Mix the soda with the water, add it": of the two the water is left, and nothing froths. */
    private function unmixed(Rewriting $rewriting, int $i, string $text, int $at, int $end): void
    {
        if (
            preg_match(self::MIX_WITH, substr($text, 0, $at), $m, PREG_OFFSET_CAPTURE) !== 1 ||
            preg_match('~^\s+(?:with|in|into)\b~iu', substr($text, $end)) !== 1
        ) {
            return;
        }
        $isCapital = $m['verb'][0] !== mb_strtolower($m['verb'][0]);
        $rewriting->edit($i, $m['verb'][1], strlen($m['verb'][0]), $isCapital ? 'Take' : 'take');
        if (preg_match(self::FROTHS, $text, $m, PREG_OFFSET_CAPTURE, $end) === 1) {
            $rewriting->edit($i, $m[0][1], strlen($m[0][0]), '');
        }
    }

    public function beginsSentence(string $text, int $at): bool
    {
        return $at === 0 || preg_match('~[.!?]\s+$~u', substr($text, 0, $at)) === 1;
    }

    /**
     * What goes with a name that goes: its joining word, or else the whole sentence.
     *
     * @return array{int, int}
     */
    private function struck(string $text, int $at, int $length): array
    {
        [$before, $behind] = [substr($text, 0, $at), substr($text, $at + $length)];
        $article = preg_match('~\b(?:the|some|a|an)\s+$~iu', $before, $m) === 1 ? strlen($m[0]) : 0;
        $rest = substr($before, 0, strlen($before) - $article);
        if (
            preg_match('~(?:,?\s+and|,|,?\s+with|\s+or|\s+plus|\s+[&+])\s+$~iu', $rest, $m) === 1 &&
            preg_match('~\pL\s*$~u', substr($rest, 0, -strlen($m[0]))) === 1
        ) {
            $from = $at - $article - strlen($m[0]);

            return [$from, $at + $length - $from];
        }
        if (preg_match('~^(?:,\s*and|,|\s+and)\s+(?:the\s+)?~iu', $behind, $m) === 1) {
            return [$at, $length + strlen($m[0])];
        }
        if (preg_match('~^\s+(?:with|in|into)\s+(?=(?:the\s+|boiling\s+|hot\s+)?\pL)~iu', $behind, $m) === 1) {
            return [$at - $article, $length + $article + strlen($m[0])];
        }
        $start = preg_match('~^.*[.!?;]\s+~us', $before, $m) === 1 ? strlen($m[0]) : 0;
        $end = preg_match('~^[^.!?;]*[.!?;]?\s*~u', $behind, $m) === 1 ? $at + $length + strlen($m[0]) : strlen($text);

        return [$start, $end - $start];
    }
}
