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
final class AmountParser
{
    private const PACKAGES = ['packet', 'tin', 'bag', 'bar', 'block'];

    private const LOOSE = ['about', 'approx', 'approximately', 'around', 'roughly', 'circa', 'ca', 'almost', 'nearly', 'up'];

    /** What a smaller unit behind a larger one adds to: "1 lb 2 oz", "1 cup 2 tbsp" */
    private const ADDS = ['lb' => ['oz'], 'kg' => ['g'], 'l' => ['ml', 'dl', 'cl'], 'gallon' => ['quart', 'pint', 'cup'], 'quart' => ['pint', 'cup', 'floz'], 'pint' => ['cup', 'floz', 'oz'], 'cup' => ['tbsp', 'tsp'], 'tbsp' => ['tsp']];

    private const ALONE = ['pinch', 'dash', 'smidgen', 'splash', 'handful'];

    /** @var list<Token> */
    private array $tokens = [];

    private int $i = 0;

    /** @var array<string, float> "scant", "heaped" => what it makes of the measure */
    private readonly array $heaps;

    public function __construct(private readonly UnitTable $units, private readonly Constants $constants, Tables $tables)
    {
        $this->heaps = array_map(floatval(...), array_column($tables->rows('qualifiers'), 'factor', 'word'));
    }

    /**
     * @param  list<Token>  $tokens
     * @return ?Amount null where no amount starts at that token
     */
    public function at(array $tokens, int $from): ?Amount
    {
        $this->tokens = $tokens;
        $this->i = $from;
        $first = $this->measure();
        if ($first === null) {
            return null;
        }
        $measures = [$first];
        while (($next = $this->second($measures)) !== null) {
            if ($next === true) {
                continue;
            }
            $measures[] = $next;
        }
        $end = $this->i;

        return new Amount($measures, $from, $end);
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

    private function measure(): ?Measure
    {
        $start = $this->i;
        [$factor, $spread] = $this->qualifiers();
        $count = $this->count();
        if ($count === null) {
            $unit = $this->unit();
            $of = $this->lower() === 'of' && $unit !== null && ($unit->isVague() || $unit->kind === UnitKind::Volume || $unit->key === 'stick');
            if (! $of && ($start !== 0 || $this->token() === null || ! in_array($unit?->key, self::ALONE, true))) {
                $this->i = $start;

                return null;
            }
            $this->i += (int) $of;

            return new Measure(Estimate::exactly(1.0), $unit, 0, null, null, $spread);
        }
        [$number, $decimals] = $count;
        $this->hyphen();
        $size = $this->packageSize();
        [$more, $moreSpread] = $this->qualifiers();
        $unit = $this->unit();
        if ($unit === null && $size === null && $more !== 1.0) {
            $more = 1.0;
        }
        $measure = new Measure($number, $unit, $decimals);
        if ($size !== null) {
            $measure = $measure->withSize($size);
        } elseif (in_array($unit?->kind, [UnitKind::Mass, UnitKind::Volume], true) && ! $unit->isVague() && $this->packageFollows()) {
            $this->i++;
        }
        if ($this->lower() === 'of') {
            $this->i++;
        }

        return $measure->scaled($factor * $more, hypot($spread, $moreSpread));
    }

    /**
     * What stands beside the first measure: another in brackets or after a stroke, or one more to add.
     *
     * @param  list<Measure>  $measures
     * @return Measure|true|null true where the last measure was completed instead
     */
    private function second(array &$measures): Measure|true|null
    {
        $at = $this->i;
        $word = $this->lower();
        if (in_array($word, ['plus', '+', 'and', '&'], true)) {
            $this->i++;
            $more = $this->measure();
            if ($more !== null && $more->unit !== null) {
                $last = array_pop($measures);
                $measures[] = $last->withPlus($more);

                return true;
            }
        }
        if (in_array($word, ['/', '|', '=', 'or', '~', '≈', '–', '—', ';'], true)) {
            $this->i++;
            $other = $this->measure();
            if ($other?->unit !== null) {
                return $other;
            }
        }
        if ($word === '(' || $word === '[') {
            $found = $this->bracket($measures);
            if ($found !== null) {
                return $found;
            }
        }
        $this->i = $at;
        if ($measures[array_key_last($measures)]->unit !== null && ($this->token()?->isNumber() ?? false)) {
            $other = $this->measure();
            if ($other?->unit !== null && $other->unit->kind !== UnitKind::Count) {
                $last = $measures[array_key_last($measures)];
                if (in_array($other->unit->key, self::ADDS[$last->unit->key ?? ''] ?? [], true) && $other->count->value * $other->unit->size < $last->unit->size) {
                    $measures[array_key_last($measures)] = $last->withPlus($other);

                    return true;
                }

                return $other;
            }
            $this->i = $at;
        }

        return null;
    }

    /** @param  list<Measure>  $measures */
    private function bracket(array &$measures): Measure|true|null
    {
        $this->i++;
        $inside = $this->measure();
        if ($inside === null || $inside->unit === null) {
            return null;
        }
        while (in_array($this->lower(), ['/', ',', ';', 'or', '|'], true)) {
            $this->i++;
            if ($this->measure() === null) {
                return null;
            }
        }
        $each = in_array($this->lower(), ['each', 'apiece'], true);
        if ($each) {
            $this->i++;
        }
        if (! in_array($this->lower(), [')', ']'], true)) {
            return null;
        }
        $this->i++;
        if ($this->lower() === 'of') {
            $this->i++;
        }
        $last = $measures[array_key_last($measures)];
        if ($each || ($last->unit !== null && in_array($last->unit->key, self::PACKAGES, true) && $last->size === null)) {
            array_pop($measures);
            $measures[] = $last->withSize($inside);

            return true;
        }

        return $inside;
    }

    /** "(8 oz)" before "package", or "14 oz" before "can", or "x 200 g". */
    private function packageSize(): ?Measure
    {
        $at = $this->i;
        $times = in_array($this->lower(), ['x', '×', '*'], true);
        $open = false;
        if ($times) {
            $this->i++;
        } elseif (in_array($this->lower(), ['(', '['], true)) {
            $open = true;
            $this->i++;
        }
        if ($this->token()?->kind === TokenKind::Number || ($open && in_array($this->lower(), self::LOOSE, true))) {
            $size = $this->sizeHere($open);
            if ($size !== null && ($times || $this->packageFollows())) {
                return $size;
            }
        }
        $this->i = $at;

        return null;
    }

    private function sizeHere(bool $open): ?Measure
    {
        $this->qualifiers();
        $count = $this->count();
        $this->hyphen();
        $unit = $count === null ? null : $this->unit();
        if ($count === null || $unit === null || $unit->kind === UnitKind::Count) {
            return null;
        }
        if ($open) {
            while (in_array($this->lower(), ['/', ',', ';', 'or'], true)) {
                $this->i++;
                $this->measure();
            }
            if (in_array($this->lower(), ['each'], true)) {
                $this->i++;
            }
            if (! in_array($this->lower(), [')', ']'], true)) {
                return null;
            }
            $this->i++;
        }

        return new Measure($count[0], $unit, $count[1]);
    }

    private function packageFollows(): bool
    {
        $at = $this->i;
        $unit = $this->unit();
        $this->i = $at;

        return $unit !== null && in_array($unit->key, self::PACKAGES, true);
    }

    /** @return array{float, float} the factor of a heap or scant measure, and its spread */
    private function qualifiers(): array
    {
        $factor = 1.0;
        $spread = 0.0;
        while (true) {
            $word = $this->lower();
            if (isset($this->heaps[$word])) {
                $factor *= $this->heaps[$word];
                $spread = $this->heaps[$word] === 1.0 ? $spread : $this->constants->get('heaped');
            } elseif (in_array($word, self::LOOSE, true) || $word === '~') {
                $spread = hypot($spread, $this->constants->get('about'));
            } elseif (! ($word === 'to' && $this->i > 0 && $this->tokens[$this->i - 1]->lower === 'up') && ! ($word === '.' && $spread > 0)) {
                return [$factor, $spread];
            }
            $this->i++;
        }
    }

    /** @return ?array{Estimate, int} the number, or the range as one, and its decimals */
    private function count(): ?array
    {
        $low = $this->number();
        if ($low === null) {
            return null;
        }
        $decimals = $this->tokens[$this->i - 1]->decimals;
        $at = $this->i;
        if (in_array($this->lower(), ['-', '–', '—', 'to', 'or', '‑'], true)) {
            $this->i++;
            $high = $this->number();
            if ($high !== null && $high > $low) {
                return [Estimate::between($low, $high), $decimals];
            }
        }
        $this->i = $at;

        return [Estimate::exactly($low), $decimals];
    }

    private function number(): ?float
    {
        $token = $this->token();
        if ($token === null) {
            return null;
        }
        if (in_array($token->lower, ['a', 'an'], true)) {
            return $this->article();
        }
        if (! $token->isNumber()) {
            return null;
        }
        $this->i++;
        $value = (float) $token->value;
        if ($this->lower() === 'dozen') {
            $this->i++;

            return $value * 12;
        }
        if ($value < 1 && $token->kind === TokenKind::NumberWord) {
            return $this->partOf($value);
        }
        $next = $this->token();
        if ($token->kind === TokenKind::NumberWord && in_array($next?->lower, ['quarters', 'thirds'], true)) {
            $this->i++;

            return $value * (float) $next->value;
        }
        if ($this->lower() === 'and' && in_array($this->lower(1), ['a', 'one'], true) && isset($this->tokens[$this->i + 2]) && ($this->tokens[$this->i + 2]->value ?? 1.0) < 1) {
            $value += (float) $this->token(2)?->value;
            $this->i += 3;
        }

        return $value;
    }

    /** "half a lemon", "half of a cup", "half dozen" */
    private function partOf(float $value): float
    {
        if ($this->lower() === 'of') {
            $this->i++;
        }
        if (in_array($this->lower(), ['a', 'an', 'one'], true)) {
            $this->i++;
        }
        if ($this->lower() === 'dozen') {
            $this->i++;

            return $value * 12;
        }

        return $value;
    }

    /** "a cup", "a half cup", "a scant cup", "a dozen", "an egg"; but not "a little". */
    private function article(): ?float
    {
        $next = $this->token(1);
        if ($next === null || in_array($next->lower, ['little', 'bit', 'lot', 'touch'], true)) {
            return null;
        }
        $this->i++;
        if ($next->kind === TokenKind::NumberWord) {
            $this->i++;
            if (in_array($next->lower, ['few', 'couple'], true)) {
                if ($this->lower() === 'of') {
                    $this->i++;
                }

                return $next->value;
            }

            return $this->partOf((float) $next->value);
        }
        if ($next->lower === 'dozen') {
            $this->i++;

            return 12.0;
        }
        if (in_array($next->lower, ['small', 'large', 'big', 'good'], true) && $this->units->named($this->lower(1)) !== null) {
            $this->i++;
        }

        return 1.0;
    }

    private function unit(): ?Unit
    {
        $token = $this->token();
        if ($token === null || $token->kind !== TokenKind::Word) {
            return null;
        }
        $unit = $this->units->named($token->text);
        if ($unit === null) {
            return null;
        }
        $this->i++;
        if ($this->lower() === '.') {
            $this->i++;
        }

        return $unit;
    }

    private function hyphen(): void
    {
        if (in_array($this->lower(), ['-', '‑'], true) && $this->token(1)?->kind === TokenKind::Word && $this->units->named((string) $this->token(1)->text) !== null) {
            $this->i++;
        }
    }

    private function token(int $ahead = 0): ?Token
    {
        return $this->tokens[$this->i + $ahead] ?? null;
    }

    private function lower(int $ahead = 0): string
    {
        return ($this->tokens[$this->i + $ahead] ?? null)->lower ?? '';
    }
}
