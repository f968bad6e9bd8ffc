<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

/** Times in any form: "25–30 min", "1 hr 10", "1h30", "an hour and a half", "45'", "1 hour to 1 hour 20 minutes". */
final readonly class Durations
{
    private const MINUTES_AN_HOUR = 60.0;

    public function __construct(private Numbers $numbers, private Lexicon $lexicon) {}

    /** @param  list<Token>  $tokens */
    public function at(array $tokens, int $i): ?Duration
    {
        $low = $this->inPrimes($tokens, $i) ?? $this->whole($tokens, $i);
        if ($low === null || ! isset($tokens[$low->end]) || ! isset($tokens[$low->end]->forms['<range-joiner>'])) {
            return $low;
        }
        $high = $this->whole($tokens, $low->end + 1);

        return $high === null ? $low : new Duration($low->low, max($low->low, $high->high), $high->end);
    }

    /**
     * "45'–50'"
     *
     * @param  list<Token>  $tokens
     */
    private function inPrimes(array $tokens, int $i): ?Duration
    {
        $prime = static fn (int $n): ?float => isset($tokens[$n]) && isset($tokens[$n + 1])
            && $tokens[$n]->number !== null && isset($tokens[$n + 1]->forms['<prime>'])
            && $tokens[$n + 1]->at === $tokens[$n]->end() ? $tokens[$n]->number : null;
        $low = $prime($i);
        if ($low === null || ($tokens[$i + 2]->number ?? null) !== null) {
            return null;
        }
        $high = isset($tokens[$i + 2]) && isset($tokens[$i + 2]->forms['<range-joiner>']) ? $prime($i + 3) : null;

        return new Duration($low, max($low, $high ?? $low), $high === null ? $i + 2 : $i + 5);
    }

    /**
     * Hours, with the minutes that stand behind them.
     *
     * @param  list<Token>  $tokens
     */
    private function whole(array $tokens, int $i): ?Duration
    {
        $found = $this->one($tokens, $i);
        if ($found === null) {
            return null;
        }
        [$time, $unit] = $found;
        $half = $this->andPart($tokens, $time->end);
        if ($half !== null) {
            return new Duration($time->low + $half->value * $unit, $time->high + $half->value * $unit, $half->end);
        }
        $more = $unit === self::MINUTES_AN_HOUR ? $this->minutesBehind($tokens, $time->end) : null;

        return $more === null ? $time : new Duration($time->low + $more->low, $time->high + $more->high, $more->end);
    }

    /**
     * @param  list<Token>  $tokens
     * @return ?array{Duration, float} with the minutes of its unit
     */
    private function one(array $tokens, int $i): ?array
    {
        $range = $this->numbers->range($tokens, $i);
        $end = $range[1]->end ?? $this->behindArticle($tokens, $i);
        if ($end === null) {
            return null;
        }
        while (isset($tokens[$end]) && ($this->isMore($tokens, $end) || $tokens[$end]->word === 'of')) {
            $end++;
        }
        $unit = isset($tokens[$end]) ? $this->minutes($tokens[$end]) : null;
        if ($unit === null) {
            return null;
        }
        $end = $this->behindStop($tokens, $end + 1);
        [$low, $high] = $range === null ? [1.0, 1.0] : [$range[0]->value, $range[1]->value];

        return [new Duration($low * $unit, max($low, $high) * $unit, $end), $unit];
    }

    /**
     * "an hour", "another hour"
     *
     * @param  list<Token>  $tokens
     */
    private function behindArticle(array $tokens, int $i): ?int
    {
        return isset($tokens[$i]) && (isset($tokens[$i]->forms['<article>']) || isset($tokens[$i]->forms['<again>']))
            ? $i + 1
            : null;
    }

    /**
     * "10 more minutes", "10 or so minutes", "a couple of hours"
     *
     * @param  list<Token>  $tokens
     */
    private function isMore(array $tokens, int $i): bool
    {
        return isset($tokens[$i]->forms['<more>'])
            || ($tokens[$i]->word === 'or' && isset($tokens[$i + 1]) && isset($tokens[$i + 1]->forms['<more>']));
    }

    private function minutes(Token $token): ?float
    {
        return isset($token->forms['<time>']) ? $this->lexicon->value($token) : null;
    }

    /**
     * The stop of "min." belongs to it, where the sentence goes on.
     *
     * @param  list<Token>  $tokens
     */
    private function behindStop(array $tokens, int $i): int
    {
        $isOwn = ($tokens[$i]->word ?? '') === '.' && $tokens[$i]->at === $tokens[$i - 1]->end();

        return $isOwn && isset($tokens[$i + 1]) && $tokens[$i + 1]->at > $tokens[$i]->end() ? $i + 1 : $i;
    }

    /**
     * "an hour and a half"
     *
     * @param  list<Token>  $tokens
     */
    private function andPart(array $tokens, int $i): ?Number
    {
        return ($tokens[$i]->word ?? '') === 'and' && isset($tokens[$i + 1]) && $tokens[$i + 1]->number === null
            ? $this->numbers->part($tokens, $i + 1)
            : null;
    }

    /**
     * "1 hour and 10 minutes", "1h30", and "1 hr 10" where nothing else can be meant.
     *
     * @param  list<Token>  $tokens
     */
    private function minutesBehind(array $tokens, int $i): ?Duration
    {
        $joined = isset($tokens[$i]) && in_array($tokens[$i]->word, [',', 'and', '&'], true) ? $i + 1 : $i;
        $found = $this->one($tokens, $joined);
        if ($found !== null) {
            return $found[1] < self::MINUTES_AN_HOUR ? $found[0] : null;
        }
        $token = $tokens[$i] ?? null;
        if ($token === null || $token->number === null || $token->number >= self::MINUTES_AN_HOUR) {
            return null;
        }
        $next = $tokens[$i + 1] ?? null;
        $isLast = $next === null || isset($next->forms['<until>']) || in_array($next->word, ['.', ',', ';', ')'], true);
        $isGlued = $token->at === $tokens[$i - 1]->end();

        return strlen($token->raw) === 2 && ($isLast || $isGlued)
            ? new Duration($token->number, $token->number, $i + 1) : null;
    }
}
