<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Quantity\Temperature;

/** Finds oven heats (°F, °C, fan, gas mark) and times in a step of the method. */
final readonly class StepReader
{
    private const HEAT = '~(?<before>\bfan\s?(?:oven\s?)?)?(?<![\d.])(?<n>\d{2,3})\s?(?:°|º|˚|degrees?|deg\.?)?\s?(?<scale>fahrenheit|celsius|F|C)(?![\pL])(?<fan>\s?(?:\(?fan\)?)(?!\s*\d))?|gas\s?(?:mark)?\s?(?<gas>\d{1,2}|½|¼)(?!\d)|(?<![\d.])(?<bare>\d{3})\s?(?:°|º|˚|degrees?)(?!\s?[FC]|\w)|(?<=@|@\s|\bat\s|\bto\s)(?<plain>[1-5]\d{2})(?=\s*(?:$|[.,;)]|(?:for|and|until|then)\b))~iu';

    private const TIME = '~(?<![\d.])(?<a>\d+(?:[.,]\d+)?(?:\s?[½¼¾])?|[½¼¾]|an?|one|two|three|half\s+an?)(?:\s?(?:-|–|to|or)\s?(?<b>\d+(?:[.,]\d+)?(?:\s?[½¼¾])?))?[\s-]?(?<unit>minutes?|mins?|hours?|hrs?|h)(?!\pL)~iu';

    private const BAKE = '~\b(?:bake|baking|baked|cook in the oven|return to the oven|into the oven|in the oven|air[- ]?fry|roast)\b~iu';

    /** What is done for a time, heated or not: the last such word before the time says. */
    private const DOING = '~\b(?:(?<heated>bak(?:e|ed|ing)(?!\s+(?:sheets?|trays?|tins?|pans?|powder|soda|dish|paper|parchment|stone))|cook|return|roast|air[- ]?fry)|(?<resting>beat|whisk|whip|mix|stir|knead|blend|boil|simmer|melt|fold|pulse|leave|left|cool|chill|rest|stand|set|freeze|refrigerate|soak|prove|ajar|switch(?:ed)? off|turn(?:ed)? off))\b~iu';

    private string $heat;

    private string $time;

    public function __construct(private Constants $constants, private Words $words)
    {
        $this->heat = str_replace('½|¼', implode('|', mb_str_split($words->signs)), self::HEAT);
        $this->time = str_replace('½¼¾', $words->signs, self::TIME);
    }

    public function read(string $text): Step
    {
        $bake = preg_match(self::BAKE, $text) === 1 && preg_match('~\bbaking\s+(?:powder|soda|sheet|tray|tin|pan|paper|parchment|dish)~iu', preg_replace('~\b(?:bake|baked|in the oven|into the oven)\b~iu', '', $text) ?? '') !== 1
            || preg_match('~\b(?:bake|baked|air[- ]?fry|in the oven)\b~iu', $text) === 1;

        $times = $this->times($text);

        return new Step($text, $this->heats($text), $times, $bake && ($times === [] || in_array(true, array_column($times, 'isBaking'), true)));
    }

    /** @return list<Heat> */
    private function heats(string $text): array
    {
        preg_match_all($this->heat, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $heats = [];
        foreach ($found as $m) {
            $fan = ($m['fan'][0] ?? $m['before'][0] ?? null) !== null;
            $heats[] = new Heat($m[0][1], strlen($m[0][0]), $this->heat($m, $fan), $fan);
        }

        return $heats;
    }

    /** @param  array<array-key, array{?string, int}>  $m */
    private function heat(array $m, bool $fan): Temperature
    {
        if (($m['gas'][0] ?? null) !== null) {
            return Temperature::gasMark($this->words->number($m['gas'][0]), $this->constants->get('gas-mark-1-f'));
        }
        $n = (float) ($m['n'][0] ?? $m['bare'][0] ?? $m['plain'][0] ?? 0);
        $fahrenheit = ($m['scale'][0] ?? null) !== null
            ? strtoupper($m['scale'][0][0]) === 'F'
            : $n >= $this->constants->get('bare-fahrenheit-from');
        if ($fahrenheit) {
            return Temperature::fahrenheit($n + ($fan ? $this->constants->get('fan-offset-f') : 0));
        }

        return Temperature::celsius($n + ($fan ? $this->constants->get('fan-offset-c') : 0));
    }

    /** @return list<Timing> */
    private function times(string $text): array
    {
        preg_match_all($this->time, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $times = [];
        foreach ($found as $m) {
            $factor = strtolower($m['unit'][0][0]) === 'h' ? 60.0 : 1.0;
            $low = $this->number((string) $m['a'][0]) * $factor;
            $high = ($m['b'][0] ?? null) === null ? $low : $this->number($m['b'][0]) * $factor;
            if ($high > 0) {
                $times[] = new Timing($m[0][1], strlen($m[0][0]), $low, max($low, $high), self::isHeated(substr($text, 0, $m[0][1])));
            }
        }

        return $times;
    }

    /** @param  string  $before  the text up to a time */
    private static function isHeated(string $before): bool
    {
        $clause = (string) preg_replace('~^.*[.;!?]\s~us', '', $before);
        preg_match_all(self::DOING, $clause, $found, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        $last = end($found);

        return $last === false ? preg_match('~\boven\b~iu', $clause) === 1 || trim($clause) === '' || preg_match(self::DOING, $before) !== 1 : $last['resting'] === null;
    }

    private function number(string $text): float
    {
        $text = strtolower(trim($text));

        return match (true) {
            str_starts_with($text, 'half') => 0.5,
            in_array($text, ['a', 'an'], true) => 1.0,
            default => $this->words->word($text) ?? $this->words->number($text),
        };
    }
}
