<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Degree;
use Aglyca\Core\Language\Found;
use Aglyca\Core\Language\Token;
use Aglyca\Core\Language\Valued;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Quantity\Temperature;

/** The heats of a sentence; the oven's told from all others, of which none may ever be changed. */
final readonly class Heats
{
    /** Words of a clause that says what it is baked in and nothing else. */
    private const SHORT = 4;

    /** Bytes behind a heat in which a word still speaks of it. */
    private const NEAR = 60;

    public function __construct(private Constants $constants) {}

    /**
     * @param  list<Found>  $words  of the oven and of elsewhere
     * @param  StepSense  $step  what the step says elsewhere
     * @param  ?Heat  $known  the first of the method, whose scale a bare number has
     * @param  ?Token  $next  with what the next sentence begins
     * @return list<Heat>
     */
    public function in(string $text, Valued $valued, array $words, StepSense $step, ?Heat $known, ?Token $next): array
    {
        $heats = [];
        $ends = [];
        foreach ($valued->degrees as $i => $degree) {
            $last = $heats[count($heats) - 1] ?? null;
            $one = $this->one(new HeatPlace($valued, $words, $i, $next), $degree, $step, $heats[0] ?? $known);
            // "220C for 10 mins then 180C for 35": the same oven, turned down.
            if ($one !== null && ! $one->isOven && $last?->isOven === true
                && $this->isTurned($valued, $words, end($ends) ?: 0, $i)) {
                $one = $one->ofOven();
            }
            if ($one !== null && $last !== null && $this->isSame($valued, (int) end($ends), $i, $last, $one)) {
                $heats[count($heats) - 1] = $this->together($text, $last, $one);
                $ends[count($ends) - 1] = $i;
            } elseif ($one !== null) {
                $heats[] = $one;
                $ends[] = $i;
            }
        }

        return array_map(fn (Heat $h, int $end): Heat => $this->withBareMark($valued, $end, $h), $heats, $ends);
    }

    private function one(HeatPlace $place, Degree $degree, StepSense $step, ?Heat $known): ?Heat
    {
        $token = $place->token();
        $length = strlen(rtrim($token->raw));
        if ($degree->scale === 'gas') {
            $mark = Temperature::gasMark($degree->number, $this->constants->get('gas-mark-1-f'));

            return new Heat($token->at, $length, $mark, true, false, false, false);
        }
        $isShortFan = $this->isShortFan($place, $degree, $known);
        $isFan = $degree->isFan || $isShortFan;
        // Nothing but an oven has a fan.
        $isOven = $isFan || $place->isSentence() || $place->isSaidAgain()
            || $this->isOven($place, $step, $degree->number);
        if (! $degree->isSigned && ! $this->standsAlone($place, $degree, $isOven)) {
            return null;
        }
        $isFahrenheit = match (true) {
            $isShortFan, $degree->scale === '' => $known->isFahrenheit
                ?? $degree->number >= $this->constants->get('bare-fahrenheit-from'),
            default => $degree->scale === 'F',
        };
        $offset = $isFan ? $this->constants->get($isFahrenheit ? 'fan-offset-f' : 'fan-offset-c') : 0.0;
        $degrees = $degree->number + $offset;
        $heat = $isFahrenheit ? Temperature::fahrenheit($degrees) : Temperature::celsius($degrees);

        return new Heat($token->at, $length, $heat, $isOven, $isFan, false, $isFahrenheit);
    }

    /** "180/160f": a fan oven's, of whom the f is no Fahrenheit. */
    private function isShortFan(HeatPlace $place, Degree $degree, ?Heat $known): bool
    {
        return $known !== null && ! $known->isFahrenheit && $degree->scale === 'F' && $degree->number < $this->constants->get('fan-figures-below')
            && str_ends_with($place->token()->raw, 'f') && $place->before(1) === '/';
    }

    /**
     * Bare figures are a heat only where an oven's heat can stand: "at 325 for", "oven 350", "a 375 oven", "then 20
     * min at 250".
     */
    private function standsAlone(HeatPlace $place, Degree $degree, bool $isOven): bool
    {
        if ($degree->number < $this->constants->get('heat-coolest') || $degree->number > $this->constants->get('heat-hottest') || $degree->isRange) {
            // "160 fan 15-18 min": what stands behind is a time, and no oven is set to fifteen degrees.
            return $degree->isFan;
        }

        return $degree->isFan || $place->isSaidAgain() || $place->isSentence()
            || ($isOven && ($place->isAlone() || $place->isWhereOvensStand()));
    }

    /** By the words around: the nearest before it in its clause, else those behind, else by how hot it is. */
    private function isOven(HeatPlace $place, StepSense $step, float $number): bool
    {
        if ($place->isBehindHob()) {
            return $number >= $this->constants->get('heat-of-oven');
        }
        [$oven, $other] = $place->lastWords($number >= $this->constants->get('heat-of-oven'));
        if ($oven !== $other) {
            return $oven > $other;
        }
        // "180 °C 13–15 min." says no more, and needs no more.
        if ($place->isBehindBakeware(self::SHORT) && $place->isBeforeTime()) {
            return $number >= $this->constants->get('heat-coolest');
        }
        [$ovenBehind, $otherBehind] = $place->wordsBehind(self::NEAR);
        if ($otherBehind && ! $ovenBehind) {
            return false;
        }

        return $number >= $this->constants->get('heat-coolest') && ($step->isBake || $step->saysOven
            || ! $step->saysOther);
    }

    /** @param  list<Found>  $words */
    private function isTurned(Valued $valued, array $words, int $from, int $to): bool
    {
        $i = $to - 1;
        while ($i > $from && in_array($valued->word($i), ['at', 'to', 'down'], true) || $valued->has($i, 'reduce')) {
            $i--;
        }
        if (! $valued->has($i, '<sequel>')) {
            return false;
        }
        [$start, $end] = [$valued->sentence->tokens[$from]->end(), $valued->sentence->tokens[$to]->at];
        foreach ($words as $word) {
            if ($word->at >= $start && $word->at < $end && $word->topic !== 'oven' && OvenWords::isOf($word, 'heat')) {
                return false;
            }
        }

        return true;
    }

    /** "180C/160C fan/gas 4" is one heat said three times. */
    private function isSame(Valued $valued, int $from, int $to, Heat $a, Heat $b): bool
    {
        for ($i = $from + 1; $i < $to; $i++) {
            if (! $valued->has($i, '<or>') && ! $valued->has($i, '<fan>') && ! $valued->has($i, '<gas>') && ! $valued->has($i, 'oven')) {
                return false;
            }
        }

        return $a->isOven === $b->isOven
            && abs($a->temperature->celsius - $b->temperature->celsius) <= $this->constants->get('heat-said-twice');
    }

    private function together(string $text, Heat $a, Heat $b): Heat
    {
        $length = $b->at + $b->length - $a->at;
        $inside = substr($text, $a->at, $length);
        // A bracket that was opened within is closed within.
        if (substr_count($inside, '(') > substr_count($inside, ')') && ($text[$a->at + $length] ?? '') === ')') {
            $length++;
        }
        $first = $a->isFan && ! $b->isFan ? $b : $a;

        return new Heat(
            $a->at, $length, $first->temperature, $a->isOven, $a->isFan && $b->isFan,
            $a->isFan !== $b->isFan || $a->saysFan || $b->saysFan, $a->isFahrenheit,
        );
    }

    /** "180/160f/4": and the gas mark. */
    private function withBareMark(Valued $valued, int $i, Heat $heat): Heat
    {
        $mark = $valued->sentence->tokens[$i + 2] ?? null;
        $isMark = ($heat->isFan || $heat->saysFan) && $valued->word($i + 1) === '/' && $mark !== null
            && $mark->number >= 1 && $mark->number < 10 && strlen($mark->raw) === 1;

        return $isMark ? $heat->until($mark->end()) : $heat;
    }
}
