<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Quantity\UnitKind;

/** Takes one thing of an ingredient line apart: amount, name, what is done to it, what may stand instead. */
final readonly class ThingReader
{
    /** What is more than the amount that stands there: "plus more for dusting". */
    private const MORE = '~[\s,(]*(?:\bplus|\+|\band|\bwith)\s+(?:an?\s+(?:little|bit|drop|dash|splash|touch|spoonful|spoon|handful)\s+)?(?:more|extra)\b.*$|[\s,(]*\bplus\s+(?:a\s+(?:little|bit)|some)\s+(?:for|to)\b.*$~iu';

    /** "4 bananas, about 450 g peeled": as in brackets. */
    private const WEIGHING = '~^(?:(?:about|around|approx\.?|roughly|weighing|total(?:ling)?|ca\.?)\s+)*(\d[\d.,]*\s?(?:g|kg|oz|lbs?|grams?|ounces?|pounds?)\b[^,()]*)$~iu';

    public function __construct(
        private Larder $larder,
        private FoodIndex $foods,
        private AmountParser $amounts,
        private Lexer $lexer,
    ) {}

    public static function isMore(string $text): bool
    {
        return preg_match(self::MORE, $text) === 1;
    }

    /** The one thing that a text is: an amount, a name, what is done to it. */
    public function one(string $body): Split
    {
        $body = trim(preg_replace(self::MORE, '', $body) ?? $body);
        $negative = preg_match('~^[-−]\s?\d~u', $body) === 1;
        $tokens = $this->lexer->cut($body);
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
            [$amount, $name, $prep] = $this->amountInBrackets(...$this->lessBehind($amount, $name, $prep));
        }
        [$name, $other] = $this->choice($name);
        if ($amount !== null) {
            $amount = $this->unitBehindName($amount, $name);
        }
        $named = $name;
        if (preg_match('~^(yolk|white)s?\s+of\b.*\beggs?$~iu', $name, $m) === 1) {
            $name = 'egg '.$m[1];
        } elseif (
            preg_match(
                '~^\W*(?:finely\s+|freshly\s+)?(?:grated\s+)?(juiced?|zest(?:ed)?)(?:\s+only)?\W*$~iu',
                $prep,
                $m,
            ) === 1
        ) {
            $name .= stripos($m[1], 'juice') === 0 ? ' juice' : ' zest';
        }

        if (
            ($amount?->measures[0]->unit?->key === 'squeeze' && preg_match('~juice~iu', $name) !== 1) ||
            (preg_match('~\b(?:lemon|lime|orange)s?$~iu', $name) === 1 && preg_match('~^\W*(?:freshly\s+)?squeezed\W*$~iu', $prep) === 1)
        ) {
            // What is squeezed out of it.
            $name .= ' juice';
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
            $ends =
                $after === null ||
                in_array($after->lower, [',', ')', ';', '(', '.', '-', '–', '—'], true) ||
                // "Milk 3 tbsp to make a dough", "Cardamom 3 crushed"
                in_array($after->lower, ['to', 'for'], true) ||
                $this->foods->isIgnored(substr($body, $after->at));
            if ($ends && ($unit !== null || $token->kind === TokenKind::Number)) {
                $head = rtrim(substr($body, 0, $token->at), " \t:-–—=x×,(");
                $tail = $after === null ? '' : substr($body, $after->at);

                return [
                    $amount,
                    $head.(preg_match('/^[,;(]/', $tail) === 1 ? ' ' : ', ').ltrim($tail, ').-–— '),
                    trim(substr($body, $token->at, ($after === null ? strlen($body) : $after->at) - $token->at)),
                ];
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
        if (
            preg_match('~^(?<before>\pL[^(),;\d]*?)\s*\((?<within>[^()\d]*)\)\s*(?<noun>\pL[\pL\s\'’-]*)(?<more>.*)$~u', $rest, $m) === 1 &&
            $this->foods->find("$m[before] $m[noun]")->sure && ! $this->foods->find($m['before'])->sure
        ) {
            // "plain (all-purpose) flour": the other name stands in the midst of the first.
            $rest = "$m[before] ".trim($m['noun'])." ($m[within])$m[more]";
        }
        $cut =
            preg_match(
                '~,|;|\(|\[|\s[-–—]\s|\s(?=weighing\s)|(?:^|\s)for\s|^to\s(?:roll|dust|coat|finish|sprinkle|top|decorate|serve)\b|\s(?:soaked|steeped|plumped|macerated|dissolved|rehydrated)\s+(?:in|with)\s|\s(?:slaked|mixed|blended|stirred|thinned|loosened|whisked)\s+(?:to\s+a\s+paste\s+)?(?:in|into|with)\s+(?:a\s+)?(?:little|splash|bit|drop|some)\b|(?<!ready|bean)\sto\s(?!\d)|\*~iu',
                $rest,
                $m,
                PREG_OFFSET_CAPTURE,
            ) === 1
                ? $m[0][1]
                : strlen($rest);

        return [trim(substr($rest, 0, $cut)), trim(substr($rest, $cut), " \t,;-–—")];
    }

    /**
     * "Flour, minus 2 tablespoons", "flour (minus 1 tbsp)".
     *
     * @return array{Amount, string, string}
     */
    private function lessBehind(Amount $amount, string $name, string $prep): array
    {
        foreach ([$prep, $name] as $i => $in) {
            if (preg_match('~[\s,(]*\b(?:minus|less)\s+(?<in>[\d\p{No}][^,;()]*)\)?~iu', $in, $m) !== 1) {
                continue;
            }
            $tokens = $this->lexer->cut($m['in']);
            $less = $this->amounts->at($tokens, 0);
            if ($less !== null && $less->measures[0]->unit !== null && $less->end === count($tokens)) {
                $measures = $amount->measures;
                $last = array_key_last($measures);
                $measures[$last] = $measures[$last]->withPlus($less->measures[0]->scaled(-1.0, 0.0));
                $rest = str_replace($m[0], '', $in);

                return [
                    new Amount($measures, $amount->from, $amount->end),
                    $i === 1 ? $rest : $name,
                    $i === 0 ? $rest : $prep,
                ];
            }
        }

        return [$amount, $name, $prep];
    }

    /**
     * A second measure behind the name: "flour (120 g)", "butter, 1 stick (113 g)".
     *
     * @return array{Amount, string, string}
     */
    private function amountInBrackets(Amount $amount, string $name, string $prep): array
    {
        $prep = preg_replace(self::WEIGHING, '($1)', $prep) ?? $prep;
        if (preg_match('~[(\[]\s*(?<in>[^)\]]*\d[^)\]]*)[)\]]~u', $prep, $m) !== 1) {
            return [$amount, $name, $prep];
        }
        $tokens = $this->lexer->cut($m['in']);
        $inside = $this->amounts->at($tokens, 0);
        if ($inside === null || $inside->measures[0]->unit === null) {
            return [$amount, $name, $prep];
        }
        $prep = trim(str_replace($m[0], '', $prep), " \t,;");
        $each = ($tokens[$inside->end] ?? null)?->lower === 'each';
        if (
            $inside->end < count($tokens) &&
            ! $each &&
            ! (
                $inside->measures[0]->unit->kind === UnitKind::Mass &&
                $this->foods->isIgnored(substr($m['in'], $tokens[$inside->end]->at))
            )
        ) {
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
