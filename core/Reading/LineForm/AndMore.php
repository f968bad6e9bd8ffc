<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\Measure;
use Aglyca\Core\Reading\Split;
use Aglyca\Core\Reading\ThingReader;
use Aglyca\Core\Reading\Words;

/**
 * "2 eggs plus 1 yolk", "1 cup sugar, plus 2 tablespoons for the top".
 *
 * The line is looked through once, from left to right: what follows a joining word is a thing of its own, or more
 * of the thing before, or belongs to its words. A line has only so many joins.
 */
final readonly class AndMore implements LineForm
{
    private const MOST = 12;

    private const PART_OF = '~^(?:the\s+)?(?:\pL+\s+){0,2}?(juice|zest|rind)\s+(?:of\b|from\b|(?=\d))~iu';

    private const OF_A_FRUIT = '~^(?:the\s+)?(?:(?:finely\s+)?grated\s+)?(?:zest|juice|rind)\s+(?:of|from)\s(?=.*\pL)~iu';

    private const ITS_LIQUID = '~^(?:of\s+)?(?:(?:the|its|their)\s+)?(syrup|juice)(?:\s+from\b.*)?$~iu';

    private const PURPOSE = '~^(?:to|for)\s+(?:the\s+)?(?:coat|roll|dust|sprinkl|top|finish|decorat|garnish)\w*\b[\pL\s]*$~iu';

    private const CITRUS = '~^(?:(?:unwaxed|large|small|organic)\s+)*(?:lemon|orange|lime|grapefruit|clementine|mandarin)s?$~iu';

    private string $join;

    /** @param  list<LineForm>  $forms  that the first of several things may have */
    public function __construct(
        private ThingReader $things,
        private FoodIndex $foods,
        Words $words,
        private array $forms,
    ) {
        $this->join =
            '~,?\s*(?<join>\bplus\b|\+|&|\band\b)\s+(?:(?:about|around|roughly|maybe|perhaps)\s+(?=\S*\s))?'.
            '(?='.
            $words->digit.
            '|(?:an?|one|two|three|four|half|pinch|dash|splash|handful)\b'.
            '|(?:the\s+)?(?:(?:finely\s+)?grated\s+)?(?:zest|juice|rind)\s+(?:of|from)\s(?=.*\pL))~iu';
    }

    public function things(string $body): ?array
    {
        preg_match_all($this->join, $body, $joins, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        $joins = array_slice($joins, 0, self::MOST);
        $joins[] = null;
        // Things that are finished; the byte from which the last one stands; the last one, where it was read already.
        [$done, $from, $last] = [[], 0, null];
        foreach ($joins as $i => $m) {
            if ($m === null) {
                break;
            }
            [$at, $start] = [$m[0][1], $m[0][1] + strlen($m[0][0])];
            $end = $joins[$i + 1][0][1] ?? strlen($body);
            $sides = self::sides(substr($body, $from, $at - $from), substr($body, $start, $end - $start));
            if ($sides === null || ThingReader::isMore(" {$m['join'][0]} $sides[1]")) {
                $last = null;

                continue;
            }
            $firsts = $last === null ? $this->first($sides[0], $from) : [$last];
            $first = $firsts[count($firsts) - 1];
            $next = $this->next($first, $sides[1], $start);
            if ($next === null) {
                $last = null;
            } elseif (
                $next->name !== '' &&
                // "+ 75 g granulated" is sugar, though the word alone names none beside another.
                (! $this->foods->isIgnored($next->name) || $this->foods->find($next->name)->sure)
            ) {
                [$done, $from, $last] = [[...$done, ...$firsts], $start, $next];
            } elseif (! $this->adds($next, mb_strtolower($m['join'][0]))) {
                $last = null;
            } elseif ($next->amount !== null && $next->prep === '' && $done === [] && count($firsts) === 1) {
                $last = $first->withPlus($next->amount->measures[0], substr($body, 0, $end));
            } else {
                $more = $this->things->one("$next->written $first->name, $next->prep")->from($start);
                [$done, $from, $last] = [[...$done, ...$firsts], $start, $more];
            }
        }
        if ($done === [] && $last === null) {
            return null;
        }

        $last ??= $this->things->one(substr($body, $from))->from($from);
        $isPair = count($done) === 1 && $done[0]->prep === '' && $done[0]->name !== $last->name;
        if ($isPair && preg_match(self::PURPOSE, $last->prep) === 1) {
            // "100 g sugar + 2 tsp cinnamon, to coat": the two of them.
            $done = [$done[0]->doneAs($last->prep)];
        }

        return [...$done, $last];
    }

    /**
     * What stands before a join and behind it. Within a bracket it is the same thing said again, "2 eggs (1 whole
     * and 1 yolk)"; a bracket of its own adds: "2 cups flour (plus 2 tbsp for dusting)".
     *
     * @return ?array{string, string} null where the join is none
     */
    private static function sides(string $before, string $after): ?array
    {
        $after = rtrim($after);
        if (substr_count($before, '(') > substr_count($before, ')')) {
            if (preg_match('~^([^(]*)\(\s*$~', $before, $m) !== 1) {
                return null;
            }
            [$before, $after] = [rtrim($m[1]), rtrim($after, ') ')];
        }

        return preg_match('~\pL~u', $before) === 1 ? [$before, $after] : null;
    }

    /** @return non-empty-list<Split> */
    private function first(string $text, int $from): array
    {
        foreach ($from === 0 ? $this->forms : [] as $form) {
            $things = $form->things($text);
            if ($things !== null) {
                return $things;
            }
        }

        return [$this->things->one($text)->from($from)];
    }

    /** What follows, with an amount of its own; null where it belongs to the words of what stands before. */
    private function next(Split $first, string $text, int $start): ?Split
    {
        if (
            preg_match(self::OF_A_FRUIT, $text) === 1 &&
            $first->amount !== null &&
            $this->foods->find($first->name)->sure
        ) {
            // "3 tbsp lemon juice + zest of 1 lemon"
            return $this->first($text, 0)[0]->from($start);
        }
        $next = $this->things->one($text)->from($start);
        if (
            $first->amount === null ||
            $next->amount === null ||
            ! str_starts_with($text, $next->written) ||
            ! $this->foods->find($first->name)->sure
        ) {
            return null;
        }
        if (preg_match('~^(?:juice|zest|rind)$~iu', $next->name) === 1) {
            $own = $this->things->one("$next->written $first->named $next->name");
            $next = $own->called($own->body, $own->name, $next->name)->from($start);
        }

        if (
            preg_match(self::PART_OF, $first->body, $part) === 1 &&
            preg_match(self::CITRUS, trim($next->name)) === 1 &&
            $next->prep === ''
        ) {
            // "zest of 1 lemon + 1 orange": the zest of both
            $next = $next->called("$part[1] of $next->body", "$next->name $part[1]", $next->name);
        }

        if (
            preg_match(self::ITS_LIQUID, $next->name, $of) === 1 &&
            preg_match('~\pL+$~u', $first->name, $thing) === 1
        ) {
            // "stem ginger + 2 tbsp of the syrup"
            $next = $next->called("$next->written $thing[0] $of[1]", "$thing[0] $of[1]", $next->name)->from($start);
        }

        if (preg_match('~^whites?$~iu', $next->name) === 1) {
            // "1 egg + 1 white": a white alone names no food, for much else is white
            $next = $next->called($next->body, "egg $next->name", $next->name)->from($start);
        }

        $unit = $next->amount?->measures[0]->unit;
        $isMeasured = $unit !== null && $unit->kind !== UnitKind::Count;

        return $next->name === '' || $isMeasured || $this->foods->isIgnored($next->name) ||
            $this->foods->find($next->name)->sure
            ? $next
            : null;
    }

    private function adds(Split $more, string $join): bool
    {
        $measure = $more->amount?->measures[0];

        return $measure instanceof Measure && $measure->unit !== null && $join !== 'and';
    }
}
