<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

/**
 * Several things in one row, between semicolons, bullets, strokes, plusses or commas, and in rows that a width broke:
 * a row for each of them, and one for the part that is named before the first.
 */
final readonly class InARow implements Layout
{
    /** What stands between things, the surest first. */
    private const MARKS = [
        '~\s*;\s*~u' => ';',
        '~(?<=\S)\s*[•·▪‣◦|]\s*~u' => '•',
        '~\s+/\s+~u' => '/',
        '~\s+\+\s+~u' => '+',
        '~(?<!\d),\s*|,\s+~u' => ',',
        '~\s+[-–—]+\s+~u' => ' -',
    ];

    private const SENTENCE = '~(?<=\pL{3}[.!]|[)\d][.!])\s+(?=\p{Lu}|\d)~u';

    /** What is no rest of a name that was broken. */
    private const NEW = '~[.!?]\s|^(?:\S+\s+){8}~u';

    /** Rows that a width may have broken a list into. */
    private const MOST_ROWS = 40;

    /** So many known things to one that is not read. */
    private const SURE = 3;

    public function __construct(private Things $kinds) {}

    public function rows(array $rows): array
    {
        $all = [];
        for ($i = 0; $i < count($rows); $i++) {
            [$end, $listed] = $this->at($rows, $i);
            if ($i === 0 && count($listed) > 1) {
                // What stands before the first list of all is the title.
                $listed[0] = rtrim($listed[0], ':');
            }
            array_push($all, ...$listed);
            $i = $end;
        }

        return $all;
    }

    /**
     * @param  list<string>  $rows
     * @return array{int, list<string>} the last of the rows, and what stands in them
     */
    private function at(array $rows, int $i): array
    {
        $best = [$i, [$rows[$i]]];
        foreach (self::MARKS as $between => $mark) {
            if (preg_match($between, trim($rows[$i], '|')) !== 1) {
                continue;
            }
            $last = $this->end($rows, $i, $between);
            foreach (array_unique([$last, $i]) as $end) {
                $listed = $this->listed(implode(' ', array_slice($rows, $i, $end - $i + 1)), $between, $mark);
                if ($listed !== null && ($end > $best[0] || count($listed) > count($best[1]))) {
                    // Of several marks those part it that leave the most things.
                    $best = [$end, $listed];
                }
            }
        }

        return $best;
    }

    /**
     * The last row of a list that begins in this one: it goes on where the thing at the end of a row is one only with
     * the words of the next.
     *
     * @param  list<string>  $rows
     */
    private function end(array $rows, int $i, string $between): int
    {
        $end = $i;
        while (isset($rows[$end + 1]) && $end - $i < self::MOST_ROWS
            && $this->goesOn($rows[$end], $rows[$end + 1], $between)) {
            $end++;
        }

        return $end;
    }

    private function goesOn(string $row, string $next, string $between): bool
    {
        if (preg_match('~[.:!?]$~u', $row) === 1 || preg_match(Things::PART, $next) === 1) {
            return false;
        }
        $pieces = preg_split($between, $row) ?: [$row];
        $first = (preg_split($between, $next) ?: [$next])[0];
        $last = (string) end($pieces);
        if (trim($last) === '') {
            return true;
        }

        if (count($pieces) < 2 || preg_match(self::NEW, $first) === 1) {
            return false;
        }
        $kind = $this->kinds->kind($last);
        // "150 g castor" is whole, and with "sugar; 2 eggs" below it goes on.
        $isWhole = $kind === CellKind::Thing &&
            (mb_strtolower($first) !== $first || ($first === $next
                && ! str_ends_with($next, '.')) || str_word_count($first) > 3);

        $isListed = count(array_filter($pieces, fn (string $piece): bool => $this->kinds->kind($piece)->isThing())) > 1;

        return ! $isWhole && (($kind === CellKind::Amount && $isListed) || ! $this->kinds->kind($first)->isThing()) &&
            $this->kinds->kind("$last $first")->isThing();
    }

    /**
     * What stands in the first sentence of a row, and the rest of it below.
     *
     * @return ?list<string> null where what stands between the marks is no list of things
     */
    private function listed(string $row, string $between, string $mark): ?array
    {
        $sentences = preg_split(self::SENTENCE, $row, 2) ?: [$row];
        $things = $this->things($sentences[0], $between, $mark);
        if ($things === null || count($sentences) === 1) {
            return $things;
        }

        return [...$things, ...$this->at([$sentences[1]], 0)[1]];
    }

    /** @return ?list<string> */
    private function things(string $row, string $between, string $mark): ?array
    {
        $head = '';
        $pieces = self::pieces($row, $between, $mark);
        if (! $this->kinds->kind($pieces[0])->isThing() && preg_match(Things::PART, $row, $m) === 1) {
            [$head, $pieces] = [$m['head'], self::pieces($m['rest'], $between, $mark)];
        }
        [$things, $sure, $other] = [[], 0, 0];
        foreach ($pieces as $i => $piece) {
            $kind = $this->kinds->kind($piece);
            if ($kind === CellKind::Amount || ($kind === CellKind::Words
                && $this->kinds->does($piece)) || ($i === 0 && ! $kind->isThing())) {
                return null;
            }
            $isOwn = $kind->isThing() || ($kind === CellKind::Name && ($mark !== ',' || $i === count($pieces) - 1));
            if ($isOwn) {
                $things[] = $piece;
                $sure += $kind === CellKind::Thing ? 1 : 0;
            } elseif ($mark === ',') {
                $things[] = array_pop($things).", $piece";
            } else {
                $things[] = $piece;
                $other++;
            }
        }
        $isSure = $sure >= count($things) / 2
            && ($mark !== ',' || $sure >= 2);
        $isMany = $sure > 0 && count($things) > self::SURE;
        if (count($things) < 2 || $sure < self::SURE * $other || ! ($isSure || $isMany)) {
            return null;
        }

        if (count($things) === 2 && $mark === '+') {
            // One slurry, one egg wash.
            return $head === '' ? null : ["$head:", "$things[0] + $things[1]"];
        }
        if (count($things) === 2 && $this->kinds->food($things[0]) === $this->kinds->food($things[1])) {
            // "2 ägg / 2 eggs": the same again in other words.
            return null;
        }

        return [...$head === '' ? [] : ["$head:"], ...$things];
    }

    /** @return non-empty-list<string> */
    private static function pieces(string $row, string $between, string $mark): array
    {
        [$pieces, $within, $depth] = [[], [], 0];
        foreach (preg_split($between, rtrim($row, " \t.,;|")) ?: [] as $piece) {
            // Within a bracket it parts nothing.
            $within[] = $depth > 0 ? $piece : trim(preg_replace('~^(?:and|&)\s+~iu', '', trim($piece)) ?? $piece);
            $depth = max(0, $depth + substr_count($piece, '(') - substr_count($piece, ')'));
            if ($depth === 0) {
                $pieces[] = implode("$mark ", $within);
                $within = [];
            }
        }
        if ($within !== []) {
            $pieces[] = implode("$mark ", $within);
        }

        return $pieces === [] ? [$row] : $pieces;
    }
}
