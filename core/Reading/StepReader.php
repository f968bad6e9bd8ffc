<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Language\Valued;
use Aglyca\Core\Language\Values;

/** Reads a step of the method: its heats, its times, and whether it bakes. */
final readonly class StepReader
{
    /** Words: a longer sentence is read by parts, so that nothing is looked for with more in hand. */
    private const LONGEST = 120;

    /** Bytes of a row above the recipe that says the oven's heat. */
    private const HEAD = 60;

    /** Of what such a row consists. */
    private const HEADS = [
        '<oven-head>' => 1, '<or>' => 1, '<value>' => 1, '<time>' => 1, '<degree>' => 1, '<fahrenheit>' => 1,
        '<celsius>' => 1, '<range-joiner>' => 1, '<numero>' => 1, '.' => 1,
    ];

    public function __construct(
        private Lexer $lexer,
        private Values $values,
        private OvenWords $ovenWords,
        private OvenHeats $ovenHeats,
        private Heats $heats,
        private Times $times,
    ) {}

    /** @param  ?Heat  $earlier  the first heat of the method */
    public function read(string $text, ?Heat $earlier = null): Step
    {
        $sentences = $this->sentences($text);
        $words = array_map(fn (Valued $v): array => $this->ovenWords->in($v->sentence), $sentences);
        $sense = StepSense::of(array_merge([], ...$words));
        [$heats, $times, $so, $isTimed] = [[], [], new StepSoFar, false];
        foreach ($sentences as $n => $valued) {
            $next = $sentences[$n + 1]->sentence->tokens[0] ?? null;
            $own = $this->heats->in($text, $valued, $words[$n], $sense, $heats[0] ?? $earlier, $next);
            array_push($heats, ...($own === [] ? $this->ovenHeats->in($valued->sentence) : $own));
            array_push($times, ...$this->times->in($valued, $words[$n], $so));
            $isTimed = $isTimed || $this->isTimed($valued, $n);
            $so = $so->with($valued, $words[$n]);
        }

        return new Step($text, $heats, $times, $this->isBake($sense, $heats, $times, $earlier !== null && $isTimed));
    }

    /** "Oven: 200C", "Bake at 350°F (180°C) for 30 min": a row that says how hot the oven is, and nothing else. */
    public function isHeatAlone(string $row): bool
    {
        if (strlen($row) > self::HEAD || strpbrk($row, '0123456789') === false) {
            return false;
        }
        foreach ($this->lexer->tokens($row) as $token) {
            if ($token->number === null && array_intersect_key($token->forms, self::HEADS) === []) {
                return false;
            }
        }
        $sentences = $this->sentences($row);
        foreach ($sentences[0]->sentence->tokens ?? [] as $i => $token) {
            if (! isset($sentences[0]->degrees[$i]) && ! isset($sentences[0]->durations[$i])
                && ! isset($token->forms['<oven-head>']) && ! isset($token->forms['<or>']) && $token->word !== '.') {
                return false;
            }
        }
        $heats = count($sentences) === 1 ? $this->read($row)->heats : [];

        return in_array(true, array_column($heats, 'isOven'), true);
    }

    /**
     * @param  list<string>  $texts
     * @return list<Step>
     */
    public function all(array $texts): array
    {
        $steps = [];
        $first = null;
        foreach ($texts as $text) {
            $step = $this->read($text, $first);
            $first ??= array_values(array_filter($step->heats, static fn (Heat $h): bool => $h->isOven))[0] ?? null;
            $steps[] = $step;
        }

        return $steps;
    }

    /** @return list<Valued> */
    private function sentences(string $text): array
    {
        $sentences = [];
        foreach ($this->lexer->sentences($text) as $sentence) {
            foreach (array_chunk($sentence->tokens, self::LONGEST) as $tokens) {
                $sentences[] = $this->values->of($text, Sentence::of($text, $tokens));
            }
        }

        return $sentences;
    }

    /**
     * @param  list<Heat>  $heats
     * @param  list<Timing>  $times
     * @param  bool  $isTimed  a time stands in it where a bake's would, and the oven is on
     */
    private function isBake(StepSense $sense, array $heats, array $times, bool $isTimed): bool
    {
        $hasBake = in_array(true, array_column($times, 'isBaking'), true);
        if ($sense->isBake) {
            return $times === [] || $hasBake;
        }

        // "180 °C 13 to 15 min" bakes too, without a word for it.
        return $hasBake && ($isTimed || in_array(true, array_column($heats, 'isOven'), true));
    }

    /** "40 mins till bubbling" at the beginning of a step, "12-15 min till risen and golden" of any sentence. */
    private function isTimed(Valued $valued, int $sentence): bool
    {
        $at = $valued->word(0) === 'for' ? 1 : 0;
        if ($valued->has($at, '<duration>')) {
            $isTill = $valued->has($at + 1, '<until>') || in_array($valued->word($at + 1), ['-', '–', '—', ':'], true);

            return $sentence === 0 || ($isTill && $this->isDone($valued, $at + 2));
        }
        foreach ($valued->durations as $i => $duration) {
            $before = $valued->word($i - 1) === 'for' ? $i - 2 : $i - 1;
            if ($valued->has($valued->word($before) === ',' ? $before - 1 : $before, '<bakeware>')) {
                return true;
            }
        }

        return false;
    }

    private function isDone(Valued $valued, int $from): bool
    {
        foreach (array_slice($valued->sentence->tokens, $from) as $token) {
            if (isset($token->forms['<doneness>'])) {
                return true;
            }
        }

        return false;
    }
}
