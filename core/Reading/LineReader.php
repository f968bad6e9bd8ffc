<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Tables;

/** Reads one ingredient line: amount, food, grams, and what is in doubt. */
final class LineReader
{
    private const BULLET = '~^\s*(?:\[[ x]?\]\s*|optional(?:ly)?\s*[:,]\s*|[-–—*•·▢☐□✓◦▪●]\s+|[*•·▢☐□✓◦▪●]\s*|\d{1,2}[.)]\s+(?=[\d½⅓⅔¼¾⅛\p{L}]))~u';

    private const OF_FRUIT = '~^(?:the\s+)?(?:finely\s+|freshly\s+)?(?:grated\s+|squeezed\s+)?(?<part>juice|zest|rind|peel)(?:\s+(?:and|&|\+)\s+(?:finely\s+)?(?:grated\s+)?(?<part2>juice|zest|rind))?\s+(?:of|from)\s+(?<rest>.+)$~iu';

    /** "3 limes, zest and juice" */
    private const FRUIT_FOR = '~^(?<rest>[^,]+),\s*(?:finely\s+|freshly\s+)?(?:grated\s+|squeezed\s+)?(?<part>juice|zest|rind)d?(?:\s+(?:and|&|\+)\s+(?:finely\s+)?(?:grated\s+)?(?<part2>juice|zest|rind)d?)\s*$~iu';

    /** "½ tsp each cinnamon and nutmeg", "½ tsp each of cinnamon, cloves and nutmeg" */
    private const EACH = '~^(?<amount>.*?[\d½⅓⅔¼¾⅛].*?)\s+each\s*:?\s+(?:of\s+)?(?<names>[\pL\s\'’-]+?(?:,[\pL\s\'’-]+?)*\s*(?:\band\b|&|,)[\pL\s\'’-]+)$~iu';

    /** What is more than the amount that stands there: "plus more for dusting". */
    private const MORE = '~[\s,(]*(?:\bplus|\+|\band|\bwith)\s+(?:a\s+(?:little|bit)\s+)?(?:more|extra)\b.*$~iu';

    private const IN_PART = '~\b(?:for|to)\s+(?:dust|greas|serv|sprinkl|roll|coat|garnish|decorat|top|brush|lin|finish|taste)\w*|\bto\s+taste\b~iu';

    /** @var array<string, array{form: string, kind: string}> */
    private array $prepWords;

    private string $prepPattern;

    /** @var array<string, array<string, string>> foods that are another by the spoon: rows of `data/spooned.csv` */
    private array $spooned;

    public function __construct(
        private readonly Larder $larder,
        private readonly FoodIndex $foods,
        private readonly AmountParser $amounts,
        private readonly Weigher $weigher,
        private readonly Constants $constants,
        Tables $tables,
    ) {
        $this->spooned = array_column($tables->rows('spooned'), null, 'food');
        $this->prepWords = array_column(array_filter($tables->rows('prep_words'), static fn (array $row): bool => $row['kind'] !== 'ignore'), null, 'word');
        $words = array_map(static fn (string $w): string => preg_quote($w, '~'), array_keys($this->prepWords));
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $this->prepPattern = '~(?<!\pL)(?:'.implode('|', $words).')(?!\pL)~iu';
    }

    /**
     * @param  string  $key  the line's key for corrections; where one line names several things, those behind the first have "_1", "_2" added
     * @param  array<string, Correction>  $corrections  by key
     * @return non-empty-list<Line> several where one line names several things, as "juice and zest of a lemon"
     */
    public function read(string $text, string $key, int $component = 0, array $corrections = []): array
    {
        $body = trim(preg_replace(self::BULLET, '', $text) ?? $text);
        $lines = [];
        foreach ($this->things($body) as $n => $split) {
            $own = $n === 0 ? $key : "{$key}_$n";
            $lines[] = $this->line($text, $split, $own, $component, $corrections[$own] ?? null);
        }

        return $lines;
    }

    /** @return non-empty-list<array{amount: ?Amount, written: string, name: string, named: string, prep: string, other: string, negative: bool}> */
    private function things(string $body): array
    {
        if (preg_match(self::OF_FRUIT, $body, $m) === 1 || preg_match(self::FRUIT_FOR, $body, $m) === 1) {
            return array_map(function (string $part) use ($m): array {
                $split = $this->split($m['rest']);
                $fruit = trim(preg_replace('~\b(?:unwaxed|organic|fresh|ripe)\b~iu', '', $split['name']) ?? '');

                return [...$split, 'named' => $fruit, 'name' => $fruit.' '.(stripos($part, 'juice') === 0 ? 'juice' : 'zest')];
            }, array_values(array_filter(array_intersect_key($m, ['part' => true, 'part2' => true]))));
        }
        if (preg_match(self::EACH, $body, $m) === 1) {
            $names = preg_split('~\s*(?:,|\band\b|&)\s*~iu', $m['names'], -1, PREG_SPLIT_NO_EMPTY) ?: [];
            if (count($names) > 1 && $this->split("{$m['amount']} $names[0]")['amount']?->measures[0]->unit !== null) {
                return array_map(fn (string $name): array => $this->split("{$m['amount']} $name"), $names);
            }
        }

        return [$this->split($body)];
    }

    /** @return array{amount: ?Amount, written: string, name: string, named: string, prep: string, other: string, negative: bool} */
    private function split(string $body): array
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

        return ['amount' => $amount, 'written' => rtrim($written, ' (['), 'name' => $name, 'named' => $named, 'prep' => $prep, 'other' => $other, 'negative' => $negative];
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
            $ends = $after === null || in_array($after->lower, [',', ')', ';', '(', '.'], true);
            $unit = $amount->measures[0]->unit;
            if ($ends && ($unit !== null || $token->kind === TokenKind::Number)) {
                $head = rtrim(substr($body, 0, $token->at), " \t:-–—=x×,(");
                $tail = $after === null ? '' : substr($body, $after->at);

                return [$amount, $head.(preg_match('/^[,;(]/', $tail) === 1 ? ' ' : '').ltrim($tail, ').'), trim(substr($body, $token->at, ($after === null ? strlen($body) : $after->at) - $token->at))];
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
        $cut = preg_match('~,|;|\(|\[|\s[-–—]\s|\sfor\s|\sto\s(?:taste|serve|dust|grease|sprinkle)|\*~iu', $rest, $m, PREG_OFFSET_CAPTURE) === 1 ? $m[0][1] : strlen($rest);

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
        if ($inside->end < count($tokens) && ! $each) {
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

    /** @param  array{amount: ?Amount, written: string, name: string, named: string, prep: string, other: string, negative: bool}  $split */
    private function line(string $text, array $split, string $key, int $component, ?Correction $correction): Line
    {
        $flags = [];
        $match = $this->match($split);
        $food = $correction->food ?? ($match->food === null ? null : $this->larder->get($match->food));
        $food = $this->packaged($food, $correction?->package);
        if ($food === null) {
            $flags[] = Flag::UnknownFood;
        } elseif (! $match->sure && $correction?->food === null) {
            $flags[] = Flag::FoodGuessed;
        }
        $rivals = $match->rivals;
        if ($correction?->leftOut) {
            return new Line($key, $text, $split['written'], $split['name'], null, null, $rivals, [Flag::LeftOut], $component, [], Span::of($split['written'], $text), Span::of($split['named'], $text));
        }
        if ($split['other'] !== '') {
            $other = $this->foods->find(preg_replace('~^[\d\s/.,½¼¾⅓⅔]+(?:\pL+\s+)?~u', '', $split['other']) ?? '')->food;
            $flags[] = Flag::Choice;
            $rivals = $other === null ? $rivals : array_values(array_unique([$other, ...$rivals]));
        }
        if (preg_match('~\boptional\b~iu', $text) === 1) {
            $flags[] = Flag::Optional;
        }
        if (preg_match(self::IN_PART, preg_replace(self::MORE, '', $text) ?? $text) === 1) {
            $flags[] = Flag::UsedInPart;
        }
        if ($correction?->grams !== null || $correction?->food !== null) {
            $flags[] = Flag::Corrected;
        }
        if ($correction?->grams !== null) {
            $grams = Estimate::withHalfWidth($correction->grams, min($correction->grams, $this->constants->get('weighed')));
        } else {
            [$grams, $doubts] = $this->grams($split, $food);
            $flags = [...$flags, ...$doubts];
        }
        if ($grams !== null && $grams->value > $this->constants->get('huge-grams')) {
            $flags[] = Flag::HugeAmount;
        }

        $amountSpan = Span::of($split['written'], $text);

        return new Line(
            $key, $text, $split['written'], $split['name'], $food, $grams, $rivals, $flags, $component,
            $split['amount'] === null || $split['negative'] ? [] : $split['amount']->measures, $amountSpan, Span::of($split['named'], $text),
        );
    }

    private function packaged(?Food $food, ?string $package): ?Food
    {
        return match (true) {
            $food === null, $package === null => $food,
            $package === 'none' => $this->larder->plain($food->key),
            default => $this->larder->fromPackage($package) ?? $food,
        };
    }

    /** @param array{amount: ?Amount, name: string, prep: string, ...} $split */
    private function match(array $split): FoodMatch
    {
        $unit = $split['amount']?->measures[0]->unit;
        if ($unit?->kind === UnitKind::Count && $this->foods->isName($unit->key.' '.$split['name'])) {
            return $this->foods->find($unit->key.' '.$split['name']);
        }
        $match = $this->foods->find($split['name']);
        $spooned = $this->spooned[$match->food ?? ''] ?? null;
        if ($spooned !== null && $unit?->kind === UnitKind::Volume && in_array($unit->key, ['tsp', 'pinch', 'dash'], true) && preg_match('~\b(?:'.$spooned['unless'].')\b~iu', $split['name'].' '.$split['prep']) !== 1) {
            return $this->foods->find(str_replace('-', ' ', $spooned['spooned']));
        }
        if ($split['prep'] === '') {
            return $match;
        }
        $first = preg_split('~[,;()]~u', ltrim($split['prep'], '( ['))[0] ?? '';
        $both = $this->foods->find(trim($split['name'].' '.$first));
        if ($both->food !== null && $both->food !== $match->food && ($both->sure && (! $match->sure || $this->foods->isName($split['name'].' '.$first)))) {
            return $both;
        }

        return $match;
    }

    /**
     * @param  array{amount: ?Amount, name: string, prep: string, negative: bool, ...}  $split
     * @return array{?Estimate, list<Flag>}
     */
    private function grams(array $split, ?Food $food): array
    {
        if ($split['negative']) {
            return [null, [Flag::NotAnAmount]];
        }
        if ($split['amount'] === null) {
            return [null, [Flag::NoAmount]];
        }
        $form = $this->form($split['name'], $split['prep']);
        $size = $this->size($split['name'].' '.$split['prep']);
        $weighed = [];
        foreach ($split['amount']->measures as $measure) {
            if ($measure->count->value <= 0) {
                return [null, [Flag::NotAnAmount]];
            }
            $grams = $food === null ? null : $this->weigher->grams($measure, $food, $form, $size);
            $weighed[] = [$measure, $grams];
        }
        $chosen = $this->chosen($weighed);
        if ($chosen === null) {
            return [$this->massAlone($weighed), $food === null ? [] : [Flag::NoAmount]];
        }
        [$measure, $grams] = $chosen;
        $flags = $this->doubts($measure, $food, $form);
        foreach ($weighed as [$other, $mass]) {
            if ($mass !== null && $other !== $measure && $this->disagree($grams, $mass)) {
                $flags[] = Flag::MeasuresDisagree;
                break;
            }
        }

        return [$grams, $flags];
    }

    /**
     * Grams of an unknown food where the line gives a mass: it counts for the mixed mass, though not for the carbs.
     *
     * @param  list<array{Measure, ?Estimate}>  $weighed
     */
    private function massAlone(array $weighed): ?Estimate
    {
        foreach ($weighed as [$measure]) {
            if ($measure->size === null && $measure->unit?->kind === UnitKind::Mass) {
                return $measure->count->times($measure->unit->size)->plus(Estimate::withHalfWidth(0.0, $this->constants->get('weighed')));
            }
        }

        return null;
    }

    /**
     * A mass before a volume before a count.
     *
     * @param  list<array{Measure, ?Estimate}>  $weighed
     * @return ?array{Measure, Estimate}
     */
    private function chosen(array $weighed): ?array
    {
        foreach ([UnitKind::Mass, UnitKind::Volume, null] as $kind) {
            foreach ($weighed as [$measure, $grams]) {
                $given = ($measure->size ?? $measure)->unit?->kind;
                if ($grams !== null && ($kind === null || $given === $kind)) {
                    return [$measure, $grams];
                }
            }
        }

        return null;
    }

    private function disagree(Estimate $a, Estimate $b): bool
    {
        $spread = $this->constants->get('coverage-factor') * hypot($a->u, $b->u);

        return abs($a->value - $b->value) - $spread > $this->constants->get('measures-differ') * max($a->value, $b->value);
    }

    /** @return list<Flag> */
    private function doubts(Measure $measure, Food $food, string $form): array
    {
        $flags = [];
        if (($measure->size ?? $measure)->unit?->key === 'oz') {
            $flags[] = $food->isLiquid() ? Flag::OuncesByVolume : Flag::OuncesByWeight;
        }
        if ($measure->unit?->isVague() ?? false) {
            $flags[] = Flag::VagueAmount;
        }
        if ($measure->unit?->kind === UnitKind::Volume && ! $measure->unit->isVague() && $this->larder->density($food, $form)->byKind && ! $food->isLiquid()) {
            $flags[] = Flag::DensityByKind;
        }

        return $flags;
    }

    /** "1 cup sifted flour" was sifted before it was measured; "1 cup flour, sifted" was not. */
    private function form(string $name, string $prep): string
    {
        foreach ([[$name, ['density', 'density-after']], [$prep, ['density-after']]] as [$text, $kinds]) {
            if ($text !== '' && preg_match($this->prepPattern, $text, $m) === 1) {
                $word = $this->prepWords[mb_strtolower($m[0])] ?? null;
                if ($word !== null && in_array($word['kind'], $kinds, true)) {
                    return $word['form'];
                }
            }
        }

        return '';
    }

    private function size(string $text): string
    {
        if (preg_match('~\b(extra[- ]large|jumbo|large|medium|small|size\s+(?:s|m|l|xl)|[sml](?=\b.*\begg))\b~iu', $text, $m) !== 1) {
            return '';
        }
        $size = strtolower(str_replace(' ', '-', preg_replace('~^size\s+~i', '', $m[1]) ?? ''));
        $european = preg_match('~\b(?:uk|eu|european|british|size)\b~iu', $text) === 1;
        $size = ['s' => 'small', 'm' => 'medium', 'l' => 'large', 'xl' => 'large'][$size] ?? $size;

        return $european && in_array($size, ['small', 'medium', 'large'], true) ? "eu-$size" : $size;
    }
}
