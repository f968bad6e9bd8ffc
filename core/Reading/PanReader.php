<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Numbers;
use Aglyca\Core\Language\Token;
use Aglyca\Core\Quantity\Pan;
use InvalidArgumentException;

/** Finds the pan that a text names: "a 20 cm springform", "9x13-inch pan"; "a 2 lb loaf tin" says none. */
final readonly class PanReader
{
    private const CM_AN_INCH = 2.54;

    private const SMALLEST = 3.0;

    /** Two figures. */
    private const LARGEST = 99.0;

    /** Words between a size and what has it: "20 cm round cake tin". */
    private const BETWEEN = 3;

    private const SIDES = 3;

    public function __construct(private Lexer $lexer, private Numbers $numbers) {}

    public function in(string $text): ?Pan
    {
        $tokens = $this->lexer->tokens($text);
        for ($i = 0, $count = count($tokens); $i < $count; $i++) {
            // A part of another number begins none.
            $isPart = $i > 0 && in_array($tokens[$i - 1]->word, ['.', '/'], true)
                && $tokens[$i - 1]->end() === $tokens[$i]->at;
            $isBegun = $tokens[$i]->number !== null && ! $isPart;
            $pan = $isBegun ? $this->at($tokens, $i) : null;
            if ($pan !== null) {
                return $pan[0];
            }
        }

        return null;
    }

    /**
     * @param  list<Token>  $tokens
     * @return ?array{?Pan} none where no pan is named; an empty one where its size is not said so that it can be told
     */
    private function at(array $tokens, int $i): ?array
    {
        [$sides, $unit] = [[], null];
        do {
            $side = $this->numbers->at($tokens, $i);
            if ($side === null || $side->value > self::LARGEST) {
                return null;
            }
            $sides[] = $side->value;
            $i = ($tokens[$side->end]->word ?? '') === '-' ? $side->end + 1 : $side->end;
            $isUnit = isset($tokens[$i]) && (isset($tokens[$i]->forms['<length>']) || isset($tokens[$i]->forms['<inches>']));
            $unit ??= $isUnit ? $tokens[$i] : null;
            $i += $isUnit ? 1 : 0;
            $isMore = isset($tokens[$i]) && isset($tokens[$i]->forms['<times>']) && count($sides) < self::SIDES;
            $i += $isMore ? 1 : 0;
        } while ($isMore);
        [$words, $what] = [[], null];
        for ($n = $i; $n <= $i + self::BETWEEN && isset($tokens[$n]) && $what === null; $n++) {
            $words[] = $tokens[$n];
            $isWord = ctype_alpha($tokens[$n]->word[0]) || $tokens[$n]->word === '-';
            $what = isset($tokens[$n]->forms['<bakeware>']) ? $tokens[$n] : null;
            if (! $isWord) {
                break;
            }
        }

        return $what === null ? null : [$unit === null ? null : $this->pan($sides, $unit, $words)];
    }

    /**
     * @param  non-empty-list<float>  $sides
     * @param  list<Token>  $words  what stands behind the size, the pan itself last
     */
    private function pan(array $sides, Token $unit, array $words): ?Pan
    {
        $isInches = isset($unit->forms['inch']) || isset($unit->forms['<inches>']);
        $factor = $isInches ? self::CM_AN_INCH : (isset($unit->forms['millimetre']) ? 0.1 : 1.0);
        [$length, $width, $depth] = [...array_map(static fn (float $s): float => $s * $factor, $sides), null, null];
        $isSquare = array_filter($words, static fn (Token $t): bool => isset($t->forms['<square>'])) !== [];
        try {
            return match (true) {
                $length < self::SMALLEST => null,
                $width !== null => Pan::rectangular($length, $width, $depth),
                $isSquare => Pan::rectangular($length, $length),
                default => Pan::round($length),
            };
        } catch (InvalidArgumentException) {
            return null;
        }
    }
}
