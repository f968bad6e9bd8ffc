<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Token;
use Aglyca\Core\Tables;

/**
 * Reads how many pieces a recipe makes, wherever it says so: on a line of its own ("Makes 2 dozen cookies", "16
 * squares", "1 loaf, 12 slices"), in the title ("Tray bake - serves 8"), or in a step ("roll into 18 balls").
 */
final class Yields
{
    public const MOST_PIECES = 1000;

    public const LONGEST_ROW = 160;

    /** A loaf or two are eaten by the slice; more of them are small. */
    private const FEW_WHOLES = 2;

    private const WIDE = '   ';

    private const NUMBERED = ['<count>' => true, '<number>' => true, '<measure>' => true, '<dimension>' => true];

    /** Rows that are remembered: one is asked about several times while its text is read. */
    private const REMEMBERED = 64;

    private readonly YieldPhrases $rows;

    private readonly YieldPhrases $steps;

    /** @var array<string, ?SaidYield> by place and row */
    private array $seen = [];

    public function __construct(
        Tables $tables,
        private readonly Counted $counted,
        private readonly PieceWords $pieces,
        private readonly Lexicon $lexicon,
    ) {
        $this->rows = new YieldPhrases($tables, 'yields', 'place', $pieces, $lexicon);
        $this->steps = new YieldPhrases($tables, 'yields_in_steps', 'gives', $pieces, $lexicon);
    }

    /** Whether a row says nothing else. */
    public function isYield(string $row): bool
    {
        return $this->said($row, 'row') !== null;
    }

    /** "Serving", "slice": of whatever it is. */
    public function isPortion(string $piece): bool
    {
        return $this->lexicon->isWord($piece, 'share-of');
    }

    /** Whether a row says how many in words that no title has: "makes 12", "16 pcs". */
    public function isSaid(string $row): bool
    {
        $said = $this->said($row, 'row');

        return $said !== null && $said->made->pieces !== null
            && ($said->has('<made>', 'for') || $this->lexicon->isWord($said->made->pieceName, 'share-of'));
    }

    /** Of a row that says how many; of a range the lower, which makes the larger piece. */
    public function read(string $row): Yielded
    {
        return $this->said($row, 'row')->made ?? Yielded::unknown();
    }

    /**
     * Of loaves and trays the method may say into how many each is cut: "12 slices per loaf".
     *
     * @param  string  $said  the row that says how many, and the title
     * @param  list<string>  $steps
     */
    public function cutInSteps(Yielded $made, string $said, array $steps): Yielded
    {
        $isSmall = $this->isSmall($said);
        if ($made->pieces === 1 && ! $isSmall) {
            // "Ingredients for 1 Swiss roll", and at the end of the method "8 slices."
            $cut = $this->inSteps($steps);
            if ($cut->pieces > 1 && $this->lexicon->isWord($cut->pieceName, 'share-of')) {
                return $cut;
            }
        }
        $made = $this->named($made, $said);
        if (! $this->pieces->isWhole($made->pieceName)) {
            return $made;
        }
        foreach ($this->allInSteps($steps, 'each') as $each) {
            $pieces = $each->made->pieces * (int) $made->pieces;

            return $pieces > self::MOST_PIECES ? $made : new Yielded($pieces, $each->made->pieceName);
        }

        // Nobody says how many slices a loaf or two are; a small one is eaten whole.
        return $made->pieces > self::FEW_WHOLES || $isSmall ? $made : Yielded::unknown();
    }

    /**
     * How many the method says that it makes, in the surest of its words; of several such the last.
     *
     * @param  list<string>  $steps
     */
    public function inSteps(array $steps): Yielded
    {
        $best = null;
        foreach ($this->allInSteps($steps, '') as $said) {
            $best = $best === null || $said->row <= $best->row ? $said : $best;
        }

        return $best->made ?? Yielded::unknown();
    }

    /**
     * @param  list<string>  $steps
     * @param  string  $gives  "each" of a whole, or "" for all others
     * @return list<SaidYield>
     */
    private function allInSteps(array $steps, string $gives): array
    {
        $all = [];
        foreach ($steps as $step) {
            foreach ($this->counted->sentences($step) as $tokens) {
                foreach ($this->steps->in($step, $tokens) as $said) {
                    if (($said->gives === 'each') === ($gives === 'each') && $this->counts($said)) {
                        $all[] = $said;
                    }
                }
            }
        }

        return $all;
    }

    /** What is told surely counts as it is; of the looser phrases neither two nor a loaf is what is eaten. */
    private function counts(SaidYield $said): bool
    {
        if (in_array($said->gives, ['sure', 'product', 'each'], true)) {
            return true;
        }
        $isFew = $said->made->pieces < 3 && $said->made->pieceName !== 'serving';

        return ! $isFew && ! $said->has('<uncounted>', 'bowl', 'part', 'half')
            && ! $this->pieces->isWhole($said->made->pieceName);
    }

    /** @param  "row"|"title"  $place */
    public function said(string $row, string $place): ?SaidYield
    {
        $key = "$place $row";
        if (! array_key_exists($key, $this->seen)) {
            $this->seen = [...array_slice($this->seen, -self::REMEMBERED), $key => $this->inCells(trim($row), $place)];
        }

        return $this->seen[$key];
    }

    /** @param  "row"|"title"  $place */
    private function inCells(string $row, string $place): ?SaidYield
    {
        $cell = trim(explode(self::WIDE, strtr($row, ["\t" => self::WIDE]))[0]);
        if ($cell === $row) {
            return $this->inCell($row, $place);
        }
        $said = $this->inCell($cell, $place);

        // A wide blank parts what stands beside it: "Serves 10      Heat the oven", but "2 cups     flour".
        return $said !== null && $said->has('<made>') && ! $said->has('for') ? $said : $this->inCell($row, $place);
    }

    /** @param  "row"|"title"  $place */
    private function inCell(string $row, string $place): ?SaidYield
    {
        if ($row === '' || strlen($row) > self::LONGEST_ROW) {
            return null;
        }
        $tokens = $this->behindTimes($this->counted->tokens($row));
        $isNumbered = static fn (Token $t): bool => array_intersect_key($t->forms, self::NUMBERED) !== [];
        if ($tokens === [] || array_filter($tokens, $isNumbered) === []) {
            return null;
        }
        foreach ($this->rows->in($row, $tokens) as $said) {
            if ($said->topic === $place) {
                return $said;
            }
        }

        return null;
    }

    /**
     * "Prep 20 min, bake 10 min. Makes 36": what stands behind the times.
     *
     * @param  list<Token>  $tokens
     * @return list<Token>
     */
    private function behindTimes(array $tokens): array
    {
        $is = static fn (int $i, string ...$forms): bool => isset($tokens[$i])
            && array_intersect_key($tokens[$i]->forms, array_flip($forms)) !== [];
        for ($i = 0, $start = 0; $is($i, '<time-head>'); $start = $i) {
            do {
                $i++;
            } while ($is($i, '<time-head>', 'time', ':', '='));
            if (! $is($i, '<measure>', '<count>')) {
                break;
            }
            do {
                $i++;
            } while ($is($i, '<measure>', '<or>', '.', '·', '/', ','));
        }

        return array_slice($tokens, $start);
    }

    /** "Makes 2" of a tart are two tarts. */
    private function named(Yielded $made, string $said): Yielded
    {
        if ($made->pieceName !== '' || $made->pieces > self::FEW_WHOLES) {
            return $made;
        }
        $whole = '';
        foreach ($this->counted->tokens(mb_substr($said, 0, self::LONGEST_ROW)) as $token) {
            if (isset($token->forms['serve']) || isset($token->forms['feed']) || $token->word === 'for') {
                return $made;
            }
            $whole = $whole === '' && isset($token->forms['<whole>']) ? $this->pieces->one($token->word) : $whole;
        }

        return $whole === '' ? $made : new Yielded($made->pieces, $whole);
    }

    private function isSmall(string $said): bool
    {
        $tokens = $this->counted->tokens(mb_substr($said, 0, self::LONGEST_ROW));
        foreach ($tokens as $i => $token) {
            $isForOne = $token->word === 'for' && ($tokens[$i + 1]->number ?? self::MOST_PIECES) <= self::FEW_WHOLES;
            if (isset($token->forms['<single>']) || $isForOne) {
                return true;
            }
        }

        return false;
    }
}
