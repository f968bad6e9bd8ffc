<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Quantity\UnitKind;

/** Takes an ingredient line apart: amount, name, what is done to it, what may stand instead; one line may name several things. */
final class LineSplitter
{
    private const BULLET = '~^\s*(?:\[[ x]?\]\s*|optional(?:ly)?\s*[:,]\s*|(?:for|to)\s+\pL+(?:\s+\pL+){0,2}\s*:\s*(?=[\d½⅓⅔¼¾⅛])|[-–—*•·▢☐□✓◦▪●]\s+|[*•·▢☐□✓◦▪●]\s*|\d{1,2}[.)]\s+(?=[\d½⅓⅔¼¾⅛\p{L}]))~iu';

    private const OF_FRUIT = '~^(?:the\s+)?(?:finely\s+|freshly\s+)?(?:grated\s+|squeezed\s+)?(?<part>juice|zest|rind|peel)(?:\s+(?:and|&|\+)\s+(?:finely\s+)?(?:grated\s+)?(?<part2>juice|zest|rind))?\s+(?:(?:of|from)\s+|(?=[\d½¼¾]|half\b|one\b|two\b|an?\b))(?<rest>.+)$~iu';

    /** "3 limes, zest and juice" */
    private const FRUIT_FOR = '~^(?<rest>[^,]+),\s*(?:finely\s+|freshly\s+)?(?:grated\s+|squeezed\s+)?(?<part>juice|zest|rind)d?(?:\s+(?:and|&|\+)\s+(?:finely\s+)?(?:grated\s+)?(?<part2>juice|zest|rind)d?)\s*$~iu';

    /** "½ tsp each cinnamon and nutmeg", "½ tsp each of cinnamon, cloves and nutmeg" */
    private const EACH = '~^(?<amount>.*?[\d½⅓⅔¼¾⅛].*?)\s+each\s*:?\s+(?:of\s+)?(?<names>[\pL\s\'’-]+?(?:,[\pL\s\'’-]+?)*\s*(?:\band\b|&|,)[\pL\s\'’-]+)$~iu';

    /** What is more than the amount that stands there: "plus more for dusting". */
    private const MORE = '~[\s,(]*(?:\bplus|\+|\band|\bwith)\s+(?:a\s+(?:little|bit)\s+)?(?:more|extra)\b.*$|[\s,(]*\bplus\s+(?:a\s+(?:little|bit)|some)\s+(?:for|to)\b.*$~iu';

    /** "whites of 4 eggs" */
    private const OF_EGGS = '~^(?:the\s+)?(?<part>yolk|white)s?\s+(?:of|from)\s+(?<rest>.*[\d½].*?)\beggs?\b~iu';

    /** "2 eggs plus 1 yolk", "1 cup sugar, plus 2 tablespoons for the top" */
    private const AND_MORE = '~,?\s*(?<join>\bplus\b|\+|&|\band\b)\s+(?=[\d½⅓⅔¼¾⅛]|(?:an?|one|two|three|four|half|pinch|dash|splash|handful)\b)~iu';

    public function __construct(private readonly Larder $larder, private readonly FoodIndex $foods, private readonly AmountParser $amounts) {}

    /** @return non-empty-list<Split> each with a body that reads the same when it stands alone */
    public function split(string $line): array
    {
        $body = trim(preg_replace(self::BULLET, '', $line) ?? $line);
        $several = $this->andMore($body);
        if ($several !== null) {
            $at = (int) strpos($line, $body);

            return array_map(static fn (Split $s): Split => $s->from($s->from + $at), $several);
        }
        if (preg_match(self::OF_FRUIT, $body, $m) === 1 || preg_match(self::FRUIT_FOR, $body, $m) === 1) {
            $parts = array_values(array_filter(array_intersect_key($m, ['part' => true, 'part2' => true])));
            if (count($parts) > 1) {
                return array_map(fn (string $part): Split => $this->split(mb_strtolower($part)." of {$m['rest']}")[0], $parts);
            }
            $split = $this->one($m['rest']);
            $fruit = trim(preg_replace('~\b(?:unwaxed|organic|fresh|ripe)\b~iu', '', $split->name) ?? '');

            return [$split->called($body, $fruit.' '.(stripos($parts[0], 'juice') === 0 ? 'juice' : 'zest'), $fruit)];
        }
        if (preg_match(self::OF_EGGS, $body, $m) === 1) {
            $split = $this->one($m['rest'].'egg');

            return [$split->called($body, trim($split->name).' '.mb_strtolower($m['part']), $split->named)];
        }
        if (preg_match(self::EACH, $body, $m) === 1) {
            $names = preg_split('~\s*(?:,|\band\b|&)\s*~iu', $m['names'], -1, PREG_SPLIT_NO_EMPTY) ?: [];
            if (count($names) > 1 && $this->one("{$m['amount']} $names[0]")->amount?->measures[0]->unit !== null) {
                return array_map(fn (string $name): Split => $this->one("{$m['amount']} $name"), $names);
            }
        }

        return [$this->one($body)];
    }

    /** @return ?non-empty-list<Split> null where the line names no second amount of its own */
    private function andMore(string $body): ?array
    {
        preg_match_all(self::AND_MORE, $body, $joins, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($joins as $m) {
            $several = $this->joined($body, $m[0][1], mb_strtolower($m['join'][0]), $m[0][1] + strlen($m[0][0]));
            if ($several !== null) {
                return $several;
            }
        }

        return null;
    }

    /** @return ?non-empty-list<Split> */
    private function joined(string $body, int $end, string $join, int $start): ?array
    {
        [$before, $after] = [substr($body, 0, $end), substr($body, $start)];
        if (substr_count($before, '(') > substr_count($before, ')')) {
            // Within a bracket it is the same thing said again, "2 eggs (1 whole and 1 yolk)"; a bracket of its own adds: "2 cups flour (plus 2 tbsp for dusting)".
            if (preg_match('~^([^(]*)\(\s*$~', $before, $m) !== 1) {
                return null;
            }
            [$before, $after] = [rtrim($m[1]), rtrim($after, ') ')];
        }
        if (preg_match('~\pL~u', $before) !== 1 || preg_match(self::MORE, " $join $after") === 1) {
            return null;
        }
        $firsts = $this->split($before);
        $first = $firsts[count($firsts) - 1];
        $second = $this->one($after);
        if ($first->amount === null || $second->amount === null || ! str_starts_with($after, $second->written) || ! $this->foods->find($first->name)->sure) {
            return null;
        }
        if (preg_match('~^(?:juice|zest|rind)$~iu', $second->name) === 1) {
            $own = $this->one("$second->written $first->named $second->name");
            $second = $own->called($own->body, $own->name, $second->name);
        }
        if ($second->name !== '' && ! $this->foods->isIgnored($second->name)) {
            return $this->foods->find($second->name)->sure ? [...$firsts, $second->from($start)] : null;
        }
        $more = $second->amount->measures[0];
        if ($more->unit === null || $join === 'and') {
            return null;
        }

        return $second->prep === '' && count($firsts) === 1 ? [$first->withPlus($more, $body)] : [...$firsts, $this->one("$second->written $first->name, $second->prep")->from($start)];
    }

    private function one(string $body): Split
    {
        $body = trim(preg_replace(self::MORE, '', $body) ?? $body);
        $negative = preg_match('~^[-−]\s?\d~u', $body) === 1;
        $tokens = Lexer::cut($body);
        $amount = $this->amounts->at($tokens, $negative ? 1 : 0);
        if ($amount !== null) {
            $from = $amount->end >= count($tokens) ? strlen($body) : $tokens[$amount->end]->at;
            $rest = substr($body, $from);
            $written = trim(substr($body, 0, $from));
        } else {
            [$amount, $rest, $written] = $this->amountBehind($body, $tokens);
        }
        [$name, $prep] = $this->nameAndPrep($rest);
        if ($amount !== null) {
            [$amount, $name, $prep] = $this->amountInBrackets($amount, $name, $prep);
        }
        [$name, $other] = $this->choice($name);
        if ($amount !== null) {
            $amount = $this->unitBehindName($amount, $name);
        }
        $named = $name;
        if (preg_match('~^(yolk|white)s?\s+of\b.*\beggs?$~iu', $name, $m) === 1) {
            $name = 'egg '.$m[1];
        } elseif (preg_match('~^\W*(?:finely\s+|freshly\s+)?(?:grated\s+)?(juiced?|zest(?:ed)?)(?:\s+only)?\W*$~iu', $prep, $m) === 1) {
            $name .= stripos($m[1], 'juice') === 0 ? ' juice' : ' zest';
        }

        return new Split($body, $amount, rtrim($written, ' (['), $name, $named, $prep, $other, $negative);
    }

    /**
     * "Butter 100 g", "Eggs: 3", "Sugar - 1 cup (200 g), sifted".
     *
     * @param  list<Token>  $tokens
     * @return array{?Amount, string, string}
     */
    private function amountBehind(string $body, array $tokens): array
    {
        foreach ($tokens as $i => $token) {
            if ($i === 0 || ! ($token->isNumber() || ($token->lower === 'a' && $i > 0))) {
                continue;
            }
            $amount = $this->amounts->at($tokens, $i);
            if ($amount === null) {
                continue;
            }
            $after = $tokens[$amount->end] ?? null;
            $unit = $amount->measures[0]->unit;
            $ends = $after === null || in_array($after->lower, [',', ')', ';', '(', '.'], true) || ($unit !== null && $this->foods->isIgnored(substr($body, $after->at)));
            if ($ends && ($unit !== null || $token->kind === TokenKind::Number)) {
                $head = rtrim(substr($body, 0, $token->at), " \t:-–—=x×,(");
                $tail = $after === null ? '' : substr($body, $after->at);

                return [$amount, $head.(preg_match('/^[,;(]/', $tail) === 1 ? ' ' : ', ').ltrim($tail, ').'), trim(substr($body, $token->at, ($after === null ? strlen($body) : $after->at) - $token->at))];
            }
        }

        return [null, $body, ''];
    }

    /** @return array{string, string} */
    private function nameAndPrep(string $rest): array
    {
        $rest = trim($rest, " \t:;.,-–—*");
        $rest = preg_replace('~^of\s+~iu', '', $rest) ?? $rest;
        $rest = preg_replace('~^\(([^)]*)\)\s*(?=\pL)~u', '', $rest) ?? $rest;
        $cut = preg_match('~,|;|\(|\[|\s[-–—]\s|(?:^|\s)for\s|\sto\s(?:taste|serve|dust|grease|sprinkle)|\*~iu', $rest, $m, PREG_OFFSET_CAPTURE) === 1 ? $m[0][1] : strlen($rest);

        return [trim(substr($rest, 0, $cut)), trim(substr($rest, $cut), " \t,;-–—")];
    }

    /**
     * A second measure behind the name: "flour (120 g)", "butter, 1 stick (113 g)".
     *
     * @return array{Amount, string, string}
     */
    private function amountInBrackets(Amount $amount, string $name, string $prep): array
    {
        if (preg_match('~[(\[]\s*(?<in>[^)\]]*\d[^)\]]*)[)\]]~u', $prep, $m) !== 1) {
            return [$amount, $name, $prep];
        }
        $tokens = Lexer::cut($m['in']);
        $inside = $this->amounts->at($tokens, 0);
        if ($inside === null || $inside->measures[0]->unit === null) {
            return [$amount, $name, $prep];
        }
        $prep = trim(str_replace($m[0], '', $prep), " \t,;");
        $each = ($tokens[$inside->end] ?? null)?->lower === 'each';
        if ($inside->end < count($tokens) && ! $each && ! ($inside->measures[0]->unit->kind === UnitKind::Mass && $this->foods->isIgnored(substr($m['in'], $tokens[$inside->end]->at)))) {
            return [$amount, $name, $prep];
        }
        $last = $amount->measures[array_key_last($amount->measures)];
        $measures = $each ? [$last->withSize($inside->measures[0])] : [...$amount->measures, ...$inside->measures];

        return [new Amount($measures, $amount->from, $amount->end), $name, $prep];
    }

    /** "10 pecan halves", "6 cardamom pods": the unit stands behind the food. */
    private function unitBehindName(Amount $amount, string $name): Amount
    {
        $first = $amount->measures[0];
        if ($first->unit !== null || preg_match('~\s(\pL+)$~u', $name, $m) !== 1) {
            return $amount;
        }
        $unit = $this->amounts->unitNamed($m[1]);
        $food = $unit?->kind === UnitKind::Count ? $this->foods->find($name)->food : null;
        if ($food === null || $this->larder->portion($this->larder->get($food), $unit->key) === null) {
            return $amount;
        }
        $measures = $amount->measures;
        $measures[0] = new Measure($first->count, $unit, $first->decimals, $first->size, $first->plus, $first->spread);

        return new Amount($measures, $amount->from, $amount->end);
    }

    /** @return array{string, string} the first of what "or" offers, and the rest */
    private function choice(string $name): array
    {
        $parts = preg_split('~\s+or\s+|\s*/\s*(?=\pL)~iu', $name, 2) ?: [$name];
        if (count($parts) < 2 || $parts[0] === '' || $this->foods->isIgnored($parts[0])) {
            return [$name, ''];
        }
        $first = $this->foods->find($parts[0]);
        if ($first->food === null || ($this->foods->find($name)->sure && ! $first->sure)) {
            return [$name, ''];
        }

        return [$parts[0], $parts[1]];
    }
}
