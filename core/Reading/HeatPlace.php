<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Found;
use Aglyca\Core\Language\Token;
use Aglyca\Core\Language\Valued;

/** What stands about a heat in its sentence. */
final readonly class HeatPlace
{
    /** Words between a heat and its time: "180 °C in a 20 cm dish, 45 min". */
    private const BETWEEN = 8;

    /** Whole heats that a dial has, in °C and in °F. */
    private const DIALS = [[140, 250], [275, 475]];

    /** @param  list<Found>  $words  of the oven and of elsewhere, in order */
    public function __construct(
        private Valued $valued,
        private array $words,
        private int $i,
        private ?Token $next,
    ) {}

    public function token(): Token
    {
        return $this->valued->sentence->tokens[$this->i];
    }

    /** The word so many before it; "" where there is none. */
    public function before(int $many): string
    {
        return $this->valued->word($this->i - $many);
    }

    /** "180 (160 fan)": the figures are said again for a fan oven. */
    public function isSaidAgain(): bool
    {
        $isJoined = in_array($this->valued->word($this->i + 1), ['(', '/', ','], true);
        $again = $this->valued->degrees[$this->i + 2] ?? null;

        return $isJoined && $again !== null && $again->isFan;
    }

    /** "375. Mix dry.": an oven's heat, and nothing else in the sentence. */
    public function isSentence(): bool
    {
        $degree = $this->valued->degrees[$this->i];
        $from = $this->valued->has(0, 'oven') ? 1 : 0;
        $isOnDial = false;
        foreach (self::DIALS as [$least, $most]) {
            $isOnDial = $isOnDial || ($degree->number >= $least && $degree->number <= $most);
        }

        return $this->i === $from && $isOnDial && ! $degree->isRange && fmod($degree->number, 5.0) === 0.0
            && in_array($this->valued->word($this->i + 1), ['.', ';'], true)
            && $this->next !== null && $this->next->raw !== mb_strtolower($this->next->raw);
    }

    /** "Loaf pan, 375 for 25 min" */
    public function isAlone(): bool
    {
        $before = $this->valued->word($this->i - 1) === ',' ? $this->i - 2 : $this->i - 1;
        $behind = $this->valued->past($this->i + 1, 'for', ',', '<about>');

        return ($before < 0 || $this->valued->has($before, '<bakeware>')) && $this->valued->has($behind, '<duration>');
    }

    public function isWhereOvensStand(): bool
    {
        $before = $this->i - 1;

        return in_array($this->valued->word($before), ['at', 'to', '@', ':', '('], true)
            || $this->valued->has($before, '<heater>')
            || $this->valued->has($before, '<gas>')
            || (in_array($this->valued->word($before), ['/', ','], true) && ($this->valued->degrees[$before - 1]->scale ?? '') === 'gas')
            || $this->hasOneOf($this->i + 1, ['oven', '<fan>']);
    }

    /** "3 min on the hob, then 180 °C 8 min" */
    public function isBehindHob(): bool
    {
        $before = $this->valued->word($this->i - 2) === ',' ? $this->i - 3 : $this->i - 2;

        return $this->before(1) === 'then' && $this->hasOneOf($before, ['hob', 'stove']);
    }

    /**
     * Where in its clause the last word of the oven stands, and the last of elsewhere; -1 where there is none.
     *
     * @param  bool  $isHot  too hot for a water bath to be one of elsewhere
     * @return array{int, int}
     */
    public function lastWords(bool $isHot): array
    {
        $from = $this->clause();
        [$oven, $other] = [-1, -1];
        foreach ($this->words as $word) {
            if ($word->at < $from || $word->at >= $this->token()->at) {
                continue;
            }
            if ($word->gives === 'bath' ? ! $isHot : $word->topic !== 'oven' && OvenWords::isOf($word, 'heat')) {
                $other = $word->at;
            } elseif ($word->topic === 'oven' && OvenWords::isOf($word, 'heat')) {
                $oven = $word->at;
            }
        }

        return [$oven, $other];
    }

    /** "Ungreased 10-inch tube pan, 325°F": what it is baked in, or nothing at all, stands before it. */
    public function isBehindBakeware(int $short): bool
    {
        $from = 0;
        while ($this->valued->sentence->tokens[$from]->at < $this->clause()) {
            $from++;
        }
        $words = array_filter(
            array_slice($this->valued->sentence->tokens, $from, $this->i - $from),
            static fn (Token $t): bool => ! ctype_punct($t->word),
        );
        $last = $words === [] ? null : $words[array_key_last($words)];
        if ($this->before(1) === ',' ? $this->before(2) === ')' : $this->before(1) === ')') {
            $last = $this->beforeBracket();
        }

        return count($words) <= $short || ($last !== null && isset($last->forms['<bakeware>']));
    }

    /** A time follows, with no more between than what it is baked in. */
    public function isBeforeTime(): bool
    {
        $i = $this->i + 1;
        while (ctype_punct($this->valued->word($i)) || $this->valued->has($i, '<conventional>')) {
            $i++;
        }
        if (in_array($this->valued->word($i), ['in', 'on'], true)) {
            $to = $i;
            while ($to < $i + self::BETWEEN && ! $this->valued->has($to, '<bakeware>')) {
                $to++;
            }
            $i = $this->valued->has($to, '<bakeware>') ? $this->valued->past($to, '<bakeware>') : $i;
        }

        return $this->valued->has($this->valued->past($i, ',', 'for', '<about>'), '<duration>');
    }

    /** @return array{bool, bool} whether the oven, and whether elsewhere, is spoken of right behind it */
    public function wordsBehind(int $near): array
    {
        $from = $this->token()->end();
        $to = $from + $near;
        foreach (array_slice($this->valued->sentence->tokens, $this->i + 1, $near) as $token) {
            if (in_array($token->word, [',', '.', '!', '?', 'and'], true)) {
                $to = min($to, $token->at);
            }
        }
        $isBehind = static fn (Found $w): bool => $w->at >= $from && $w->at < $to && OvenWords::isOf($w, 'heat');
        $topics = array_column(array_filter($this->words, $isBehind), 'topic');

        return [in_array('oven', $topics, true), in_array('elsewhere', $topics, true)];
    }

    /** Where its clause begins: the sentence, or what stands behind a colon. */
    private function clause(): int
    {
        $from = 0;
        foreach ($this->valued->sentence->tokens as $n => $token) {
            if ($n < $this->i && $token->word === ':') {
                $from = $token->end();
            }
        }

        return $from;
    }

    private function beforeBracket(): ?Token
    {
        $n = $this->i - 1;
        while ($n > 0 && $this->valued->word($n) !== '(') {
            $n--;
        }

        return $this->valued->sentence->tokens[$n - 1] ?? null;
    }

    /** @param  list<string>  $forms */
    private function hasOneOf(int $i, array $forms): bool
    {
        foreach ($forms as $form) {
            if ($this->valued->has($i, $form)) {
                return true;
            }
        }

        return false;
    }
}
