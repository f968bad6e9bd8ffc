<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Found;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Language\Token;
use Aglyca\Core\Tables;

/** How many pieces the phrases of one table say that a recipe makes. */
final readonly class YieldPhrases
{
    private const NAMES = ['<piece>' => true, '<whole>' => true, '<spoon>' => true];

    private Phrasebook $phrases;

    /**
     * @param  string  $table  `yields` of rows and titles, `yields_in_steps`
     * @param  string  $topic  its column by which phrases are told apart
     */
    public function __construct(Tables $tables, string $table, string $topic, private PieceWords $pieces,
        private Lexicon $lexicon)
    {
        $this->phrases = new Phrasebook($tables, "language/en/$table", $topic, 'gives');
    }

    /**
     * All that is said, the surest first.
     *
     * @param  non-empty-list<Token>  $tokens  as `Counted` has them
     * @return list<SaidYield>
     */
    public function in(string $text, array $tokens): array
    {
        $said = [];
        foreach ($this->phrases->in(Sentence::of($text, $tokens)) as $found) {
            $own = $this->within($tokens, $found);
            $made = $found->gives === 'none' ? Yielded::unknown() : $this->made($own, $found->gives);
            if ($made->pieces !== null || $found->gives === 'none') {
                $said[] = new SaidYield($made, $found->topic, $found->gives, $found->row, $own);
            }
        }

        return $said;
    }

    /**
     * @param  non-empty-list<Token>  $tokens
     * @return list<Token>
     */
    private function within(array $tokens, Found $found): array
    {
        $from = $tokens[0]->at + $found->at;
        $isIn = static fn (Token $t): bool => $t->at >= $from && $t->at < $from + $found->length;

        return array_values(array_filter($tokens, $isIn));
    }

    /**
     * @param  list<Token>  $tokens  that the phrase found
     * @param  string  $gives  which of its counts: the "last", the "product" of both, else the first
     */
    private function made(array $tokens, string $gives): Yielded
    {
        $counts = array_keys(array_filter($tokens, static fn (Token $t): bool => isset($t->forms['<count>'])));
        if ($counts === []) {
            return Yielded::unknown();
        }
        $isLast = $gives === 'last' || $gives === 'product';
        $at = $isLast ? $counts[count($counts) - 1] : $counts[0];
        $pieces = (int) $tokens[$at]->number * ($gives === 'product' ? (int) $tokens[$counts[0]]->number : 1);
        $next = $isLast ? count($tokens) : $counts[1] ?? count($tokens);
        $behind = array_slice($tokens, $at + 1, $next - $at - 1);
        [$name, $words] = $this->name($behind);
        if ($name === '' && ! $isLast) {
            // "2 cm balls (about 22)"
            $isNamed = static fn (Token $t): bool => isset($t->forms['<piece>'])
                && (! isset($t->forms['<made>']) || isset($t->forms['<share-of>']));
            $before = array_values(array_filter(array_slice($tokens, 0, $at), $isNamed));
            $name = $before === [] ? '' : $this->name($before)[0];
        }
        // "1 raspberry swiss roll" goes into something.
        $isThing = $gives === 'few' && $pieces === 1 && $words > 0 && ! $this->pieces->isWhole($name);

        return $isThing || $pieces > Yields::MOST_PIECES ? Yielded::unknown() : new Yielded($pieces, $name);
    }

    /**
     * @param  list<Token>  $tokens  behind the count
     * @return array{string, int} what they are called, and how many words stand before that
     */
    private function name(array $tokens): array
    {
        foreach ($tokens as $n => $token) {
            $isSize = isset($tokens[$n + 1]->forms['<size>']);
            if (! $isSize && array_intersect_key($token->forms, self::NAMES) !== []) {
                $last = $tokens[$n + 1] ?? null;
                // "12 finger biscuits"
                $isLast = $last !== null && isset($last->forms['<piece>']);

                return [$this->pieces->one($this->lexicon->lemma($isLast ? $last : $token)), $n];
            }
        }
        $next = $tokens[0] ?? null;
        $isNoun = $next !== null && strlen($next->word) > 3 && str_ends_with($next->word, 's')
            && ! isset($next->forms['<size>']);

        return [$isNoun ? $this->pieces->one($next->word) : '', 0];
    }
}
