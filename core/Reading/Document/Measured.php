<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

use Aglyca\Core\Language\Lexer as WordLexer;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Language\Token as Word;
use Aglyca\Core\Language\Values;
use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Reading\Amount;
use Aglyca\Core\Reading\AmountParser;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\Lexer;
use Aglyca\Core\Reading\Token;
use Aglyca\Core\Reading\TokenKind;

/** Things with their amounts in a running text: "Beat 3 eggs with 150 g sugar until pale". */
final class Measured
{
    /** Words of a name. */
    private const LONGEST = 7;

    /** "Zest of 3 lemons": the part that is meant stands before the number. */
    private const PART_OF = '~(?:(?:the|finely|freshly|grated)\s+)*\b(?:zest|juice|rind|whites?|yolks?|pulp|seeds)\s+(?:and\s+(?:zest|juice)\s+)?(?:of|from)\s+(?:the\s+)?$~iu';

    /** "Spread it over one sponge" */
    private const PLACE = '~\b(?:over|onto|on|between|into|around|under)\s+(?:the\s+)?$~iu';

    private const LISTED = '~\G\s*(?:[-–—:]|of)\s*\d~u';

    /** Sentences that are remembered: one is asked about several times while a text is told. */
    private const REMEMBERED = 64;

    /** @var array<string, list<MeasuredThing>> */
    private array $seen = [];

    public function __construct(
        private readonly AmountParser $amounts,
        private readonly Lexer $figures,
        private readonly WordLexer $words,
        private readonly Lexicon $lexicon,
        private readonly FoodIndex $foods,
        private readonly Values $values,
    ) {}

    /** @return list<MeasuredThing> in the order of the text */
    public function in(string $text): array
    {
        if (count($this->seen) > self::REMEMBERED) {
            $this->seen = [];
        }

        return $this->seen[$text] ??= $this->found($text);
    }

    /** @return list<MeasuredThing> */
    private function found(string $text): array
    {
        $tokens = $this->figures->cut($text);
        $words = [];
        foreach ($this->words->tokens($text) as $word) {
            $words[$word->at] = $word;
        }
        $values = $this->values($text);
        [$things, $i, $past] = [[], 0, 0];
        while ($i < count($tokens)) {
            $isBegun = $tokens[$i]->isNumber() || isset($words[$tokens[$i]->at]->forms['<article>']);
            $amount = $isBegun ? $this->amounts->at($tokens, $i) : null;
            $unit = $amount?->measures[0]->unit;
            // "180C" are no cups.
            $isHeat = isset($values[$tokens[$i]->at]) && ($unit === null || $unit->key === 'cup');
            $isPlace = $unit === null && preg_match(self::PLACE, substr($text, 0, $tokens[$i]->at)) === 1;
            $isNone = $amount === null || $isHeat || $isPlace;
            $thing = $isNone ? null : $this->thing($text, $tokens, $words, $amount, $past);
            if ($thing !== null) {
                $things[] = $thing;
                $past = $thing->end;
            }
            $i = max($i + 1, $thing === null ? 0 : $this->behind($tokens, $thing->end));
        }

        return $things;
    }

    /** @param  list<Token>  $tokens */
    private function behind(array $tokens, int $byte): int
    {
        foreach ($tokens as $i => $token) {
            if ($token->at >= $byte) {
                return $i;
            }
        }

        return count($tokens);
    }

    /** @return array<int, true> bytes at which a time or a heat stands */
    private function values(string $text): array
    {
        $tokens = $this->words->tokens($text);
        if ($tokens === []) {
            return [];
        }
        $at = [];
        foreach ($this->values->of($text, Sentence::of($text, $tokens))->sentence->tokens as $token) {
            if (isset($token->forms['<duration>']) || isset($token->forms['<degrees>'])) {
                $at += array_fill_keys(range($token->at, $token->end() - 1), true);
            }
        }

        return $at;
    }

    /**
     * @param  list<Token>  $tokens
     * @param  array<int, Word>  $words
     * @param  int  $past  behind the thing before
     */
    private function thing(string $text, array $tokens, array $words, Amount $amount, int $past): ?MeasuredThing
    {
        $first = $this->behindBracket($tokens, $amount->end);
        [$ends, $soft] = $this->ends($tokens, $words, $first);
        if ($ends === []) {
            return null;
        }
        $from = $tokens[$first]->at;
        $unit = $amount->measures[0]->unit;
        $isMeasured = $unit !== null && $unit->kind !== UnitKind::Count;
        [$end, $isFood] = [$ends[min($soft, count($ends) - 1)], false];
        foreach (array_reverse($ends) as $e) {
            if ($this->foods->find(substr($text, $from, $e - $from))->sure) {
                [$end, $isFood] = [$e, true];
                break;
            }
        }
        $isFood = $isFood || $this->foods->find(substr($text, $from, $end - $from))->food !== null;
        if (! $isFood && ! $isMeasured) {
            return null;
        }
        $end = $this->withChoice($text, $end, $ends);
        if (! $tokens[$amount->from]->isNumber() && preg_match(self::LISTED, $text, $m, 0, $end) === 1) {
            // "You need a pastry case - 225 g flour, 110 g butter": what all of them make.
            return null;
        }
        $end = $this->withBracket($text, $end);
        $at = $tokens[$amount->from]->at;
        $at -= preg_match(self::PART_OF, substr($text, $past, max(0, $at - $past)), $m) === 1 ? strlen($m[0]) : 0;

        return new MeasuredThing(substr($text, $at, $end - $at), $at, $end);
    }

    /**
     * Where a name behind an amount may end, the shortest first, and which of them stands before a verb.
     *
     * @param  list<Token>  $tokens
     * @param  array<int, Word>  $words
     * @return array{list<int>, int}
     */
    private function ends(array $tokens, array $words, int $i): array
    {
        [$ends, $soft] = [[], self::LONGEST];
        for (; isset($tokens[$i]) && count($ends) < self::LONGEST; $i++) {
            $token = $tokens[$i];
            $word = $words[$token->at] ?? null;
            $isJoint = in_array($token->lower, ['/', '-', 'or'], true);
            if ($isJoint && $ends !== []) {
                continue;
            }
            if ($token->kind !== TokenKind::Word || $word === null || isset($word->forms['<beyond>'])
                || isset($word->forms['<article>'])) {
                break;
            }
            if ($soft === self::LONGEST && $ends !== [] && $this->lexicon->isWord($word->word, 'doing!')) {
                $soft = count($ends) - 1;
            }
            $ends[] = $token->end();
        }

        return [$ends, $soft];
    }

    /**
     * "Almonds or hazelnuts", "almonds/hazelnuts": what may be taken instead.
     *
     * @param  list<int>  $ends
     */
    private function withChoice(string $text, int $end, array $ends): int
    {
        if (preg_match('~\G(?:\s*/\s*|\s+or\s+)~iu', $text, $m, 0, $end) !== 1) {
            return $end;
        }
        $from = $end + strlen($m[0]);
        foreach (array_reverse($ends) as $e) {
            if ($e > $from && $this->foods->find(substr($text, $from, $e - $from))->sure) {
                return $e;
            }
        }

        return $end;
    }

    /**
     * "1 sachet (or 7 g) gelatine"
     *
     * @param  list<Token>  $tokens
     */
    private function behindBracket(array $tokens, int $i): int
    {
        if (($tokens[$i]->text ?? '') !== '(') {
            return $i;
        }
        for ($n = $i; isset($tokens[$n]) && $n < $i + self::LONGEST; $n++) {
            if ($tokens[$n]->text === ')') {
                return $n + 1;
            }
        }

        return $i;
    }

    private function withBracket(string $text, int $end): int
    {
        return preg_match('~\G\s*\([^()]{1,60}\)~u', $text, $m, 0, $end) === 1 ? $end + strlen($m[0]) : $end;
    }
}
