<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\Unit;
use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Tables;

/** Reads amounts from tokens: "1 cup plus 2 tbsp (150 g)", "2 (8 oz) packages", "half a", "2-3", "a scant cup". */
final readonly class AmountParser
{
    /** "1 cup minus 2 tablespoons" */
    /** Nobody says one amount in more ways. */
    private const MOST_MEASURES = 6;

    private const LESS = ['minus', 'less'];

    private const SIZES = ['small', 'medium', 'large', 'big', 'little', 'standard', 'regular', 'full', 'good',
        'generous', 'tiny'];

    private const LOOSE = [
        'about',
        'approx',
        'approximately',
        'around',
        'roughly',
        'circa',
        'ca',
        'almost',
        'nearly',
        'up',
    ];

    /** What a smaller unit behind a larger one adds to: "1 lb 2 oz", "1 cup 2 tbsp" */
    private const ADDS = [
        'lb' => ['oz'],
        'kg' => ['g'],
        'l' => ['ml', 'dl', 'cl'],
        'gallon' => ['quart', 'pint', 'cup'],
        'quart' => ['pint', 'cup', 'floz'],
        'pint' => ['cup', 'floz', 'oz'],
        'cup' => ['tbsp', 'tsp'],
        'tbsp' => ['tsp'],
    ];

    private const ALONE = ['pinch', 'dash', 'smidgen', 'splash', 'squeeze', 'sprinkle', 'glug', 'knob', 'handful'];

    /** No amount of a kitchen, whatever the unit. */
    private const LARGEST = 1e9;

    /** @var array<string, float> "scant", "heaped" => what it makes of the measure */
    private array $heaps;

    public function __construct(private UnitTable $units, private Constants $constants, Tables $tables)
    {
        $this->heaps = $tables->numbers('qualifiers', 'factor', 'word');
    }

    /**
     * @param  list<Token>  $tokens
     * @return ?Amount null where no amount starts at that token
     */
    public function at(array $tokens, int $from): ?Amount
    {
        $t = new TokenStream($tokens, $from);
        $first = $this->measure($t);
        if ($first === null) {
            return null;
        }
        $measures = [$first];
        for ($n = 0; $n < self::MOST_MEASURES && ($next = $this->second($t, $measures)) !== null; $n++) {
            if ($next === true) {
                continue;
            }
            $measures[] = $next;
        }

        return new Amount($measures, $from, $t->save());
    }

    /**
     * An amount that fills the tokens to the last, as in brackets.
     *
     * @param  list<Token>  $tokens
     */
    public function all(array $tokens): ?Amount
    {
        $amount = $this->at($tokens, 0);

        return $amount !== null && $amount->end === count($tokens) ? $amount : null;
    }

    public function unitNamed(string $word): ?Unit
    {
        return $this->units->named($word);
    }

    private function measure(TokenStream $t): ?Measure
    {
        $start = $t->save();
        $isFirst = $start === 0;
        [$factor, $spread] = $this->qualifiers($t);
        $count = $this->count($t);
        if ($count === null) {
            if ($isFirst && in_array($t->lower(), self::SIZES, true)
                && in_array($this->units->named($t->lower(1))?->key, self::ALONE, true)) {
                // "Big pinch salt"
                $t->next();
            }
            $unit = $this->unit($t);
            $of =
                $t->lower() === 'of' &&
                $unit !== null &&
                ($unit->isVague() || $unit->kind === UnitKind::Volume || $unit->key === 'stick');
            if (! $of && (! $isFirst || $t->peek() === null || ! in_array($unit?->key, self::ALONE, true))) {
                $t->restore($start);

                return null;
            }
            $t->next((int) $of);

            return new Measure(Estimate::exactly(1.0), $unit, 0, null, null, $spread);
        }
        [$number, $decimals] = $count;
        $this->hyphen($t);
        $size = $this->packageSize($t);
        $described = $t->save();
        [$more, $moreSpread] = $this->qualifiers($t);
        if (in_array($t->lower(), self::SIZES, true)) {
            // "1 small tin (170 g)"
            $sized = $t->save();
            $t->next();
            $this->packageFollows($t) || $t->restore($sized);
        }
        $unit = $this->unit($t);
        $number = $unit === null ? $number : $this->andAHalf($t, $number);
        [$more, $moreSpread] = $this->heapInBracket($t, $more, $moreSpread);
        if ($unit === null && $size === null) {
            // "200 full cream milk": a word of the name.
            [$more, $moreSpread] = [1.0, 0.0];
            $t->restore($described);
        }
        $measure = new Measure($number, $unit, $decimals);
        if ($size !== null) {
            $measure = $measure->withSize($size);
        } elseif (
            in_array($unit?->kind, [UnitKind::Mass, UnitKind::Volume], true) &&
            ! $unit->isVague() &&
            $this->packageFollows($t)
        ) {
            $t->next();
        }
        if ($t->lower() === 'of') {
            $t->next();
        }

        return $measure->scaled($factor * $more, hypot($spread, $moreSpread));
    }

    /** "a cup and a half of", where no other unit follows. */
    private function andAHalf(TokenStream $t, Estimate $number): Estimate
    {
        $part = $t->peek(2)?->value;
        if (
            $t->lower() !== 'and' ||
            $t->lower(1) !== 'a' ||
            $part === null ||
            $part >= 1 ||
            $this->units->named($t->lower(3)) !== null
        ) {
            return $number;
        }
        $t->next(3);

        return $number->plus(Estimate::exactly($part));
    }

    /**
     * "4 tbsp (heaped)"
     *
     * @return array{float, float} factor and spread
     */
    private function heapInBracket(TokenStream $t, float $factor, float $spread): array
    {
        if (
            ! in_array($t->lower(), ['(', ','], true) ||
            ! isset($this->heaps[$t->lower(1)]) ||
            ! in_array($t->lower(2), [')', ','], true)
        ) {
            return [$factor, $spread];
        }
        $heap = $this->heaps[$t->lower(1)];
        $t->next(3);

        return [$factor * $heap, $heap === 1.0 ? $spread : hypot($spread, $this->constants->get('heaped'))];
    }

    /**
     * What stands beside the first measure: another in brackets or after a stroke, or one more to add.
     *
     * @param  non-empty-list<Measure>  $measures
     * @return Measure|true|null true where the last measure was completed instead
     */
    private function second(TokenStream $t, array &$measures): Measure|true|null
    {
        $at = $t->save();
        $word = $t->lower();
        if (in_array($word, ['plus', '+', 'and', '&', ...self::LESS], true)) {
            $t->next();
            $more = $this->measure($t);
            if ($more !== null && $more->unit !== null) {
                $at = count($measures) - 1;
                $measures[$at] = $measures[$at]->withPlus(
                    in_array($word, self::LESS, true) ? $more->scaled(-1.0, 0.0) : $more,
                );

                return true;
            }
        }
        if (in_array($word, ['/', '|', '=', 'or', '~', '≈', '–', '—', ';'], true)) {
            $t->next();
            $other = $this->measure($t);
            if ($other?->unit !== null) {
                return $other;
            }
        }
        if ($word === '(' || $word === '[') {
            $found = $this->bracket($t, $measures);
            if ($found !== null) {
                return $found;
            }
        }
        $t->restore($at);
        $last = $measures[count($measures) - 1];
        if ($last->unit !== null && ($t->peek()?->isNumber() ?? false)) {
            $other = $this->measure($t);
            if ($other?->unit !== null && $other->unit->kind !== UnitKind::Count) {
                if (
                    in_array($other->unit->key, self::ADDS[$last->unit->key] ?? [], true) &&
                    $other->count->value * $other->unit->size < $last->unit->size
                ) {
                    $measures[count($measures) - 1] = $last->withPlus($other);

                    return true;
                }

                return $other;
            }
            $t->restore($at);
        }

        return null;
    }

    /** @param  non-empty-list<Measure>  $measures */
    private function bracket(TokenStream $t, array &$measures): Measure|true|null
    {
        $t->next();
        $isLess = in_array($t->lower(), self::LESS, true);
        if ($isLess) {
            $t->next();
        }
        $inside = $this->measure($t);
        if ($inside === null || $inside->unit === null) {
            return null;
        }
        while (in_array($t->lower(), ['/', ',', ';', 'or', '|'], true)) {
            $t->next();
            if ($this->measure($t) === null) {
                return null;
            }
        }
        $each = in_array($t->lower(), ['each', 'apiece'], true);
        if ($each) {
            $t->next();
        }
        if (! in_array($t->lower(), [')', ']'], true)) {
            return null;
        }
        $t->next();
        if ($t->lower() === 'of') {
            $t->next();
        }
        $last = $measures[count($measures) - 1];
        if ($isLess) {
            $measures[count($measures) - 1] = $last->withPlus($inside->scaled(-1.0, 0.0));

            return true;
        }
        if (
            $each ||
            ($last->unit !== null && $last->unit->isPackage() && $last->size === null)
        ) {
            $measures[count($measures) - 1] = $last->withSize($inside);

            return true;
        }

        return $inside;
    }

    /** "(8 oz)" before "package", or "14 oz" before "can", or "x 200 g". */
    private function packageSize(TokenStream $t): ?Measure
    {
        $at = $t->save();
        $times = in_array($t->lower(), ['x', '×', '*'], true);
        $open = false;
        if ($times) {
            $t->next();
        } elseif (in_array($t->lower(), ['(', '['], true)) {
            $open = true;
            $t->next();
        }
        if ($t->peek()?->kind === TokenKind::Number || ($open && in_array($t->lower(), self::LOOSE, true))) {
            $size = $open ? $this->sizeInBracket($t) : $this->sizeHere($t);
            if ($size !== null && ($times || $this->packageFollows($t))) {
                return $size;
            }
        }
        $t->restore($at);

        return null;
    }

    private function sizeHere(TokenStream $t): ?Measure
    {
        $this->qualifiers($t);
        $count = $this->count($t);
        $this->hyphen($t);
        $unit = $count === null ? null : $this->unit($t);

        return $count === null || $unit === null || $unit->kind === UnitKind::Count
            ? null
            : new Measure($count[0], $unit, $count[1]);
    }

    /** "8 oz)", "8 oz / 227 g each)" */
    private function sizeInBracket(TokenStream $t): ?Measure
    {
        $size = $this->sizeHere($t);
        if ($size === null) {
            return null;
        }
        while ($t->skip('/', ',', ';', 'or')) {
            $this->measure($t);
        }
        $t->skip('each');

        return $t->skip(')', ']') ? $size : null;
    }

    private function packageFollows(TokenStream $t): bool
    {
        $at = $t->save();
        $unit = $this->unit($t);
        $t->restore($at);

        return $unit !== null && $unit->isPackage();
    }

    /** @return array{float, float} the factor of a heap or scant measure, and its spread */
    private function qualifiers(TokenStream $t): array
    {
        $factor = 1.0;
        $spread = 0.0;
        while (true) {
            $word = $t->lower();
            if (isset($this->heaps[$word])) {
                $factor *= $this->heaps[$word];
                $spread = $this->heaps[$word] === 1.0 ? $spread : $this->constants->get('heaped');
            } elseif (in_array($word, self::LOOSE, true) || $word === '~') {
                $spread = hypot($spread, $this->constants->get('about'));
            } elseif ($word === 'a' && isset($this->heaps[$t->lower(1)]) && ($t->peek(2)?->isNumber() ?? false)) {
                // "a scant 2/3 cup": the number says how many.
            } elseif (! ($word === 'to' && $t->previous()?->lower === 'up') && ! ($word === '.' && $spread > 0)) {
                return [$factor, $spread];
            }
            $t->next();
        }
    }

    /** @return ?array{Estimate, int} the number, or the range as one, and its decimals */
    private function count(TokenStream $t): ?array
    {
        $low = $this->number($t);
        if ($low === null) {
            return null;
        }
        $decimals = $t->previous()->decimals ?? 0;
        $at = $t->save();
        if (in_array($t->lower(), ['-', '–', '—', 'to', 'or', '‑'], true)) {
            $t->next();
            $high = $this->number($t);
            if ($high !== null && $high > $low) {
                return [Estimate::between($low, $high), $decimals];
            }
        }
        $t->restore($at);

        return [Estimate::exactly($low), $decimals];
    }

    private function number(TokenStream $t): ?float
    {
        $token = $t->peek();
        if ($token === null) {
            return null;
        }
        if (in_array($token->lower, ['a', 'an'], true)) {
            return $this->article($t);
        }
        if (! $token->isNumber()) {
            return null;
        }
        $t->next();
        $value = (float) $token->value;
        if ($value > self::LARGEST) {
            return null;
        }
        if ($t->lower() === 'dozen') {
            $t->next();

            return $value * 12;
        }
        if ($value < 1 && $token->kind === TokenKind::NumberWord) {
            return $this->partOf($t, $value);
        }
        $next = $t->peek();
        if (in_array($next?->lower, ['quarters', 'thirds', 'eighths'], true)) {
            $t->next();

            return $this->partOf($t, $value * (float) $next->value);
        }
        if ($value < 1 && in_array($t->lower(), ['a', 'an'], true)) {
            return $this->partOf($t, $value);
        }
        if ($value < 1 && $t->lower() === 'of' && in_array($t->lower(1), ['a', 'an', 'one'], true)) {
            return $this->partOf($t, $value);
        }
        if (
            $t->lower() === 'and' &&
            in_array($t->lower(1), ['a', 'one'], true) &&
            $t->peek(2) !== null &&
            ($t->peek(2)->value ?? 1.0) < 1
        ) {
            $value += (float) $t->peek(2)->value;
            $t->next(3);
        }

        return $value;
    }

    /** "half a lemon", "half of a cup", "half dozen" */
    private function partOf(TokenStream $t, float $value): float
    {
        if ($t->lower() === 'of') {
            $t->next();
        }
        if (in_array($t->lower(), ['a', 'an', 'one'], true)) {
            $t->next();
        }
        if ($t->lower() === 'dozen') {
            $t->next();

            return $value * 12;
        }

        return $value;
    }

    /** "a cup", "a half cup", "a scant cup", "a dozen", "an egg"; but not "a little". */
    private function article(TokenStream $t): ?float
    {
        $next = $t->peek(1);
        if ($next === null || in_array($next->lower, ['little', 'bit', 'lot', 'touch'], true)) {
            return null;
        }
        $t->next();
        if ($next->kind === TokenKind::NumberWord) {
            $t->next();
            if (in_array($next->lower, ['few', 'couple'], true)) {
                if ($t->lower() === 'of') {
                    $t->next();
                }

                return $next->value;
            }

            return $this->partOf($t, (float) $next->value);
        }
        if ($next->lower === 'dozen') {
            $t->next();

            return 12.0;
        }
        if (
            in_array($next->lower, ['small', 'large', 'big', 'good'], true) &&
            $this->units->named($t->lower(1)) !== null
        ) {
            $t->next();
        }

        return 1.0;
    }

    private function unit(TokenStream $t): ?Unit
    {
        $token = $t->peek();
        if ($token === null || $token->kind !== TokenKind::Word) {
            return null;
        }
        $unit =
            $token->lower === 'walnut' && $t->lower(1) === 'of'
                ? $this->units->named('knob')
                : $this->units->named($token->text);
        if ($unit === null) {
            return null;
        }
        $t->next();
        if ($t->lower() === '.') {
            $t->next();
        }

        return $unit;
    }

    private function hyphen(TokenStream $t): void
    {
        if (
            in_array($t->lower(), ['-', '‑'], true) &&
            $t->peek(1)?->kind === TokenKind::Word &&
            $this->units->named((string) $t->peek(1)->text) !== null
        ) {
            $t->next();
        }
    }
}
