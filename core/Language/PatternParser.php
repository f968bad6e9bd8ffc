<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

use InvalidArgumentException;

/** Makes the tree of a pattern that is written as `Pattern` says. */
final class PatternParser
{
    private const PARTS = '~…\d*|[()|?!^$#]|[^\s()|?!^$#…]+~u';

    private const GAP = 3;

    private function __construct() {}

    /**
     * @return array<int, mixed>
     *
     * @throws InvalidArgumentException where a bracket stands open, or nothing stands in it
     */
    public static function of(string $pattern): array
    {
        preg_match_all(self::PARTS, $pattern, $found);
        $at = 0;
        $node = self::alternatives($found[0], $at, $pattern);
        if ($at < count($found[0])) {
            throw new InvalidArgumentException("The pattern “{$pattern}” has a bracket too many.");
        }

        return $node;
    }

    /**
     * @param  list<string>  $parts
     * @return array<int, mixed>
     */
    private static function alternatives(array $parts, int &$at, string $pattern): array
    {
        $ways = [self::sequence($parts, $at, $pattern)];
        while (($parts[$at] ?? '') === '|') {
            $at++;
            $ways[] = self::sequence($parts, $at, $pattern);
        }

        return count($ways) === 1 ? $ways[0] : ['a', $ways];
    }

    /**
     * @param  list<string>  $parts
     * @return array<int, mixed>
     */
    private static function sequence(array $parts, int &$at, string $pattern): array
    {
        $nodes = [];
        while (isset($parts[$at]) && $parts[$at] !== '|' && $parts[$at] !== ')') {
            $nodes[] = self::one($parts, $at, $pattern);
            if (($parts[$at] ?? '') === '?') {
                $nodes[] = ['?', array_pop($nodes)];
                $at++;
            }
        }
        if ($nodes === []) {
            throw new InvalidArgumentException("Nothing stands between two signs of the pattern “{$pattern}”.");
        }

        return ['s', $nodes];
    }

    /**
     * @param  list<string>  $parts
     * @return array<int, mixed>
     */
    private static function one(array $parts, int &$at, string $pattern): array
    {
        $part = $parts[$at++];
        if ($part === '(') {
            $node = self::alternatives($parts, $at, $pattern);
            if (($parts[$at++] ?? '') !== ')') {
                throw new InvalidArgumentException("A bracket of the pattern “{$pattern}” stands open.");
            }

            return $node;
        }
        if ($part === '!') {
            if (! isset($parts[$at])) {
                throw new InvalidArgumentException("Nothing stands behind the “!” of the pattern “{$pattern}”.");
            }

            return ['!', self::one($parts, $at, $pattern)];
        }

        return match (true) {
            $part === '^', $part === '$', $part === '#' => [$part],
            strlen($part) > 1 && $part[0] === '=' => ['=', substr($part, 1)],
            str_starts_with($part, '…') => ['…', (int) substr($part, strlen('…')) ?: self::GAP],
            default => ['w', $part],
        };
    }
}
