<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

use Aglyca\Core\Reading\Doing;

/** Sentences that were broken to a width, whole again: the first word of the next row had no room in the one before. */
final readonly class Wrapped implements Layout
{
    /** Characters of a row that may be full. */
    private const SHORT = 50;

    private const LONG = 100;

    /** Rows about one of which the longest says how wide the text is. */
    private const AROUND = 4;

    private const BEGINS = '~^\W*(?:[-–—*•·▢☐□✓◦▪●]|\d{1,2}[.)]\s|step\b)~iu';

    /** "Crust:", "For the filling: beat", "Dough" */
    private const HEAD = '~^\W*(?:\pL+\s){0,3}\pL+:|^\p{Lu}\pL*(?:\s\pL+){0,2}$~u';

    /** Bytes of a sentence that is joined: no reader ever has more than this in hand. */
    private const MOST = 1_000;

    /** Bytes of what was joined so far that are looked at. */
    private const TAIL = 200;

    /** What ends no sentence: a word that does something may follow it. */
    private const OPEN = '~(?:,|\b(?:and|or|then|the|an?|to|with|in|into|on|for|of|until|by|from|\pL+ly))$~iu';

    public function __construct(private Things $things, private Doing $doing) {}

    public function rows(array $rows): array
    {
        $lengths = array_map(mb_strlen(...), $rows);
        $all = [];
        foreach ($rows as $i => $row) {
            $above = (string) end($all);
            if ($i > 0 && strlen($above) < self::MOST
                && $this->isBroken($rows[$i - 1], $row, $this->width($lengths, $i), substr($above, -self::TAIL))) {
                $all[] = array_pop($all)." $row";
            } else {
                $all[] = $row;
            }
        }

        return $all;
    }

    private function isBroken(string $row, string $next, int $width, string $above): bool
    {
        $length = mb_strlen($row);
        $word = (string) strtok($next, ' ');

        return $length >= self::SHORT && $length <= self::LONG && $length + 1 + mb_strlen($word) > $width
            && preg_match('~[.!?:;)]$~u', $row) !== 1 && preg_match(self::BEGINS, $next) !== 1
            && preg_match(self::HEAD, $next) !== 1
            && $this->isOne($above, $next);
    }

    /** Two things of a list are two; what goes on is no new sentence. */
    private function isOne(string $row, string $next): bool
    {
        $isThing = $this->things->kind($row)->isThing();
        $last = (string) strrchr($row, ' ');
        if (preg_match(self::OPEN, $row) === 1 || $this->doing->begins(trim($last).' the')) {
            return ! $isThing || ! $this->things->kind($next)->isThing();
        }

        // "… combine 1 cup good" and below it "flour, 1 tsp salt in a bowl"
        $goesOn = preg_match('~^\p{Ll}~u', $next) === 1 || ! $this->things->kind($next)->isThing();

        return ! $isThing && ! $this->doing->begins($next) && $goesOn;
    }

    /** @param  list<int>  $lengths */
    private function width(array $lengths, int $i): int
    {
        $around = array_slice($lengths, max(0, $i - self::AROUND), 2 * self::AROUND);

        return max([0, ...array_filter($around, static fn (int $length): bool => $length <= self::LONG)]);
    }
}
