<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

use InvalidArgumentException;

/**
 * What a phrase looks like, over words: `treat a? (hypo|low)` matches "treating a hypo". A word stands for itself and
 * its inflected forms, `?` behind a thing means that it may be missing, `(a|b c)` is one of several, `…` up to three
 * words of any kind (`…6`: six), `!x` nothing like x here, `=x` x in this form alone, `#` a number, `^` and `$` the
 * ends of the sentence.
 */
final readonly class Pattern
{
    /** @param  array<int, mixed>  $node  [kind, what]: nested, so that the tables can keep it compiled */
    private function __construct(private array $node) {}

    /**
     * @return array<int, mixed> to be kept, and given to `compiled()`
     *
     * @throws InvalidArgumentException where a bracket stands open, or nothing stands in it
     */
    public static function compile(string $pattern): array
    {
        return PatternParser::of($pattern);
    }

    /** @param  array<int, mixed>  $node */
    public static function compiled(array $node): self
    {
        return new self($node);
    }

    public static function of(string $pattern): self
    {
        return new self(self::compile($pattern));
    }

    /**
     * Where it stands in the words: the first place, as far as it goes.
     *
     * @param  list<Token>  $tokens
     * @return ?array{int, int} the first token, and the one behind the last
     */
    public function in(array $tokens): ?array
    {
        for ($i = 0, $count = count($tokens); $i < $count; $i++) {
            $end = $this->at($tokens, $i);
            if ($end !== null) {
                return [$i, $end];
            }
        }

        return null;
    }

    /**
     * @param  list<Token>  $tokens
     * @return ?int the token behind the last, where it stands at this one
     */
    public function at(array $tokens, int $i): ?int
    {
        $ends = self::ends($this->node, $tokens, $i);

        return $ends === [] ? null : max($ends);
    }

    /**
     * With which words it may begin.
     *
     * @param  array<int, mixed>  $node
     * @return ?list<string> "#" for a number; null where it may begin with any
     */
    public static function firsts(array $node): ?array
    {
        return match ($node[0]) {
            'w', '=' => [$node[1]],
            '#' => ['#'],
            'a' => self::joined(array_map(self::firsts(...), array_values($node[1]))),
            's' => self::firstsOf($node[1]),
            '?' => self::firsts($node[1]),
            default => null,
        };
    }

    /**
     * @param  list<array<int, mixed>>  $nodes
     * @return ?list<string>
     */
    private static function firstsOf(array $nodes): ?array
    {
        $found = [];
        foreach ($nodes as $node) {
            if ($node[0] === '^' || $node[0] === '!') {
                continue;
            }
            $found[] = self::firsts($node);
            if ($node[0] !== '?') {
                return self::joined($found);
            }
        }

        return null;
    }

    /**
     * It leaps over words of any kind, and so takes long where it does not stand.
     *
     * @param  array<int, mixed>  $node
     */
    public static function leaps(array $node): bool
    {
        return match ($node[0]) {
            '…' => true,
            's', 'a' => in_array(true, array_map(self::leaps(...), $node[1]), true),
            '?' => self::leaps($node[1]),
            default => false,
        };
    }

    /**
     * What must stand in a sentence for it to be found there.
     *
     * @param  array<int, mixed>  $node
     * @return list<list<string>> of each list one
     */
    public static function needs(array $node): array
    {
        if ($node[0] === 'w' || $node[0] === '=') {
            return [[$node[1]]];
        }
        if ($node[0] === 's') {
            return array_merge([], ...array_map(self::needs(...), $node[1]));
        }
        if ($node[0] !== 'a') {
            return [];
        }
        $any = [];
        foreach ($node[1] as $way) {
            $own = self::needs($way);
            if ($own === []) {
                return [];
            }
            $any = [...$any, ...$own[0]];
        }

        return [$any];
    }

    /**
     * It stands at the beginning of a sentence and nowhere else.
     *
     * @param  array<int, mixed>  $node
     */
    public static function isAnchored(array $node): bool
    {
        return $node[0] === '^' || ($node[0] === 's' && self::isAnchored($node[1][0]));
    }

    /**
     * One word, or one of several, and nothing else: it stands wherever it may begin.
     *
     * @param  array<int, mixed>  $node
     */
    public static function isWord(array $node): bool
    {
        return match ($node[0]) {
            'w' => true,
            's' => count($node[1]) === 1 && self::isWord($node[1][0]),
            'a' => ! in_array(false, array_map(self::isWord(...), $node[1]), true),
            default => false,
        };
    }

    /**
     * @param  list<?list<string>>  $each
     * @return ?list<string>
     */
    private static function joined(array $each): ?array
    {
        return in_array(null, $each, true) ? null : array_values(array_unique(array_merge([], ...$each)));
    }

    /**
     * @param  array<int, mixed>  $node
     * @param  list<Token>  $tokens
     * @return array<int, int> tokens behind which it may end
     */
    private static function ends(array $node, array $tokens, int $i): array
    {
        return match ($node[0]) {
            'w' => isset($tokens[$i]) && isset($tokens[$i]->forms[$node[1]]) ? [$i + 1] : [],
            '=' => isset($tokens[$i]) && $tokens[$i]->word === $node[1] ? [$i + 1] : [],
            '#' => isset($tokens[$i]) && $tokens[$i]->number !== null ? [$i + 1] : [],
            '^' => $i === 0 ? [$i] : [],
            '$' => ! isset($tokens[$i]) ? [$i] : [],
            '!' => self::ends($node[1], $tokens, $i) === [] ? [$i] : [],
            '?' => [$i, ...self::ends($node[1], $tokens, $i)],
            '…' => array_keys(array_fill($i, min((int) $node[1], count($tokens) - $i) + 1, true)),
            'a' => self::anyOf($node[1], $tokens, $i),
            default => self::sequenced($node[1], $tokens, $i),
        };
    }

    /**
     * @param  list<array<int, mixed>>  $ways
     * @param  list<Token>  $tokens
     * @return array<int, int>
     */
    private static function anyOf(array $ways, array $tokens, int $i): array
    {
        $ends = [];
        foreach ($ways as $way) {
            foreach (self::ends($way, $tokens, $i) as $end) {
                $ends[$end] = $end;
            }
        }

        return $ends;
    }

    /**
     * @param  list<array<int, mixed>>  $nodes
     * @param  list<Token>  $tokens
     * @return array<int, int>
     */
    private static function sequenced(array $nodes, array $tokens, int $i): array
    {
        $here = [$i];
        foreach ($nodes as $node) {
            $next = [];
            foreach ($here as $at) {
                foreach (self::ends($node, $tokens, $at) as $end) {
                    $next[$end] = $end;
                }
            }
            if ($next === []) {
                return [];
            }
            $here = $next;
        }

        return $here;
    }
}
