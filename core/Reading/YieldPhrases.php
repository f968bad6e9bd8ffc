<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Language\Token;
use Aglyca\Core\Tables;

/** How many pieces a phrase says that a recipe makes (`data/language/en/yields.csv`). */
final readonly class YieldPhrases
{
    private const LONGEST = 160;

    private Phrasebook $phrases;

    public function __construct(Tables $tables, private Counted $counted, private PieceWords $pieces)
    {
        $this->phrases = new Phrasebook($tables, 'language/en/yields', 'place');
    }

    /** @param  "row"|"step"  $place */
    public function in(string $text, string $place): Yielded
    {
        $tokens = strlen($text) > self::LONGEST ? [] : $this->counted->tokens(trim($text));
        if ($tokens === []) {
            return Yielded::unknown();
        }
        $from = $tokens[0]->at;
        foreach ($this->phrases->in(Sentence::of(trim($text), $tokens)) as $found) {
            if ($found->topic === $place) {
                $within = static fn (Token $t): bool => $t->at - $from >= $found->at && $t->at - $from < $found->end();
                $made = $this->made(array_values(array_filter($tokens, $within)), $found->gives);
                if ($made->pieces !== null) {
                    return $made;
                }
            }
        }

        return Yielded::unknown();
    }

    /** "for 10 minutes until smooth", "for 200 g": how long or how much. */
    public function isMeasured(string $row): bool
    {
        $tokens = $this->counted->tokens(mb_substr($row, 0, self::LONGEST));

        return ($tokens[0]->word ?? '') === 'for' && isset($tokens[1]->forms['<measure>']);
    }

    /**
     * @param  list<Token>  $tokens  that the phrase found
     * @param  string  $gives  which of its counts: "first", "last", or the "product" of both
     */
    private function made(array $tokens, string $gives): Yielded
    {
        $counts = array_keys(array_filter($tokens, static fn (Token $t): bool => isset($t->forms['<count>'])));
        if ($counts === []) {
            return Yielded::unknown();
        }
        $at = $gives === 'first' ? $counts[0] : $counts[count($counts) - 1];
        $pieces = (int) $tokens[$at]->number;
        if ($gives === 'product') {
            $pieces *= (int) $tokens[$counts[0]]->number;
        }
        $next = $gives === 'first' ? $counts[1] ?? count($tokens) : count($tokens);
        $name = '';
        foreach (array_slice($tokens, $at + 1, $next - $at - 1) as $token) {
            if (isset($token->forms['<piece>']) || isset($token->forms['<whole>'])) {
                $name = $this->pieces->one($token->word);
                break;
            }
        }

        return $pieces <= YieldReader::MOST_PIECES ? new Yielded($pieces, $name) : Yielded::unknown();
    }
}
