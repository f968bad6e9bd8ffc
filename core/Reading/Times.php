<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Found;
use Aglyca\Core\Language\Valued;

/** Which of the times of a sentence are times in the oven: the last that is done before each says. */
final readonly class Times
{
    /** Tokens behind a time in which "in the oven" still speaks of it. */
    private const NEAR = 8;

    /** Minutes that may stand without their word in "bake for 25". */
    private const MOST_BARE = 99;

    /**
     * @param  list<Found>  $words  of the oven and of elsewhere
     * @param  StepSoFar  $so  what stands before the sentence
     * @return list<Timing>
     */
    public function in(Valued $valued, array $words, StepSoFar $so): array
    {
        $times = [];
        foreach ($valued->sentence->tokens as $i => $token) {
            $duration = $valued->durations[$i] ?? null;
            if ($duration !== null && $duration->high > 0) {
                $times[] = new Timing(
                    $token->at, strlen(rtrim($token->raw)), $duration->low, $duration->high,
                    $this->isOven($valued, $words, $i, $so),
                );
            } elseif ($token->number !== null && ! isset($valued->degrees[$i])) {
                $bare = $this->bare($valued, $i);
                $times = $bare === null ? $times : [...$times, $bare];
            }
        }

        return $times;
    }

    /** "Bake 350 for 10.", "bake 25–30 till golden": minutes, whatever a number in an oven may be else. */
    private function bare(Valued $valued, int $i): ?Timing
    {
        $tokens = $valued->sentence->tokens;
        $low = (float) $tokens[$i]->number;
        $before = $i - 1;
        while ($valued->has($before, '<about>') || $valued->has($before, '<again>') || $valued->has($before, '<degrees>')
            || $valued->has($before, '<beyond>') || $valued->word($before) === ',') {
            $before--;
        }
        if (! $valued->has($before, 'bake') || $low < 1 || $low > self::MOST_BARE || fmod($low, 1.0) !== 0.0) {
            return null;
        }
        $isRange = $valued->has($i + 1, '<range-joiner>') && ($tokens[$i + 2]->number ?? 0) >= 10
            && ($tokens[$i + 2]->number ?? 0) <= self::MOST_BARE;
        $last = $isRange ? $i + 2 : $i;
        $ends = ! isset($tokens[$last + 1]) || $valued->has($last + 1, '<until>')
            || in_array($valued->word($last + 1), ['.', ',', ';', ')'], true)
            || ($valued->word($last + 1) === 'or' && ($valued->has($last + 2, '<until>') || $valued->word($last + 2) === 'so'));

        return $ends
            ? new Timing($tokens[$i]->at, $tokens[$last]->end() - $tokens[$i]->at, $low, max($low,
                (float) $tokens[$last]->number), true)
            : null;
    }

    /** @param  list<Found>  $words */
    private function isOven(Valued $valued, array $words, int $i, StepSoFar $so): bool
    {
        $at = $valued->sentence->tokens[$i]->at;
        $last = null;
        foreach ($words as $word) {
            $last = $word->at < $at && OvenWords::isOf($word, 'time') ? $word : $last;
        }
        // In German what is done stands behind: "25 Minuten backen".
        $next = $valued->sentence->tokens[$i + 1]->at ?? null;
        foreach ($last === null ? $words : [] as $word) {
            $last ??= $word->at === $next && OvenWords::isOf($word, 'time') ? $word : null;
        }
        if ($last !== null) {
            return $last->topic === 'oven';
        }
        if ($this->isOvenBehind($valued, $i)) {
            return true;
        }
        if ($i === 0 && $this->isTillDone($valued, $i) && $so->saysOven && $so->endsInBakeware) {
            // "Spoonfuls onto trays, flatten. 12 mins, cool on the trays."
            return true;
        }
        $isHeated = $this->isHeated($valued, $words, $i);
        $isRest = $valued->has($i + 1, 'rest') || $valued->has($i + 1, 'chill') || $valued->has($i + 1, 'cool') || $valued->has($i + 1, 'stand');

        return $isHeated || $this->isBehindBakeware($valued, $i) || ($i === 0 && ! $isRest && ! $so->saysDoing);
    }

    private function isOvenBehind(Valued $valued, int $i): bool
    {
        for ($n = $i + 1; $n <= $i + self::NEAR; $n++) {
            if ($valued->has($n, 'oven') && $valued->word($n - 1) === 'the' && in_array($valued->word($n - 2), ['in', 'into'], true)) {
                return true;
            }
        }

        return false;
    }

    private function isTillDone(Valued $valued, int $i): bool
    {
        $next = $valued->word($i + 1);

        return in_array($next, [',', '.'], true) || $valued->has($i + 1, '<until>')
            || ($next === 'or' && $valued->has($i + 2, '<until>'));
    }

    /** @param  list<Found>  $words */
    private function isHeated(Valued $valued, array $words, int $i): bool
    {
        for ($n = 0; $n < $i; $n++) {
            if ($valued->has($n, 'oven') || $valued->has($n, '<gas>') || $valued->has($n, '<fan>')
                || (isset($valued->degrees[$n]) && ($valued->degrees[$n]->isSigned || $valued->degrees[$n]->isFan
                    || $this->isBareHeat($valued, $n, $i)))) {
                return true;
            }
        }

        return false;
    }

    /** "375 for 25 min": bare figures of a heat right before the time, and nothing before them. */
    private function isBareHeat(Valued $valued, int $n, int $i): bool
    {
        return $n === 0 && $valued->degrees[$n]->number >= 100 && fmod($valued->degrees[$n]->number, 5.0) === 0.0
            && $valued->past(1, 'for', ',', '<about>') === $i;
    }

    private function isBehindBakeware(Valued $valued, int $i): bool
    {
        while ($i > 0 && ctype_punct($valued->word($i - 1))) {
            $i--;
        }

        return $valued->has($i - 1, '<bakeware>');
    }
}
