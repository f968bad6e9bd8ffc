<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Quantity\Duration;
use Aglyca\Core\Quantity\Temperature;
use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\Timing;
use Aglyca\Core\Swap\Swap;

/** Rewrites the method for the swapped dessert: heats, times, rests and cooling. */
final readonly class BakePlanner
{
    public function __construct(private Preparations $preparations, private Constants $constants) {}

    /**
     * @param  list<Step>  $steps
     * @return list<PlannedStep>
     */
    public function steps(Swap $swap, array $steps): array
    {
        $oven = $swap->oven;
        $cool = $this->coolMinutes($swap, $steps);
        $planned = $this->preparations->of($swap);
        $rested = $oven->restMinutes === 0;
        $lastBake = array_key_last(array_filter($steps, static fn (Step $s): bool => $s->isBake && $s->times !== []));
        foreach ($steps as $i => $step) {
            if (! $rested && $step->isBake && $step->times !== []) {
                $from = $step->bakingFrom();
                if ($from !== null) {
                    $planned[] = $this->step($oven, $step->before($from));
                    $step = $step->from($from);
                }
                $planned[] = PlannedStep::added("Let it stand for $oven->restMinutes minutes before it is baked: the flour drinks.");
                $rested = true;
            }
            $rested = $rested || $this->rests($step, $oven->restMinutes);
            $planned[] = $this->step($oven, $step);
            if ($i === $lastBake && $cool > 0 && ! $this->cools($step, $cool) && ! $this->cools($steps[$i + 1] ?? null, $cool)) {
                $planned[] = PlannedStep::added("Leave it where it is for $cool minutes before moving it: without sugar it is fragile while hot.");
            }
        }

        return $planned;
    }

    /** Whether a step lets it stand as long anyway. */
    private function cools(?Step $step, int $minutes): bool
    {
        return array_filter($step->times ?? [], static fn (Timing $t): bool => ! $t->isBaking && $t->low >= $minutes) !== []
            || preg_match('~\b(?:until|till)\s+(?:\w+\s+)?(?:cold|cool)\b|\bcool\s+completely\b~iu', $step->text ?? '') === 1;
    }

    /** Whether the mix waits as long in a step anyway. */
    private function rests(Step $step, int $minutes): bool
    {
        return preg_match('~\b(?:chill|rest|stand|refrigerate|fridge|prove)\b~iu', $step->text) === 1
            && (preg_match('~\bovernight\b~iu', $step->text) === 1 || array_filter($step->times, static fn (Timing $t): bool => ! $t->isBaking && $t->low >= $minutes) !== []);
    }

    private function step(OvenPlan $oven, Step $step): PlannedStep
    {
        $new = [];
        $heats = [];
        foreach ($step->heats as $heat) {
            // Of all heats only the oven's may be changed.
            $lowered = $heat->isOven ? $heat->temperature->lowerBy($oven->loweredByCelsius) : $heat->temperature;
            $heats[] = $lowered->celsius;
            if ($heat->isOven && $oven->loweredByCelsius > 0) {
                $new[$heat->at] = [$heat->length, $this->dial($heat, $lowered)];
            }
        }
        $factor = $step->isBake ? $oven->timeFactor() : 1.0;
        foreach ($factor === 1.0 ? [] : $step->bakes() as $time) {
            $new[$time->at] = [$time->length, Duration::minutes($time->low, $time->high)->times($factor)->onClock()->text()];
        }
        $told = $step->bakes()[0] ?? $step->times[0] ?? null;
        $minutes = $told === null ? null : Duration::minutes($told->low, $told->high);
        if ($minutes !== null && $told->isBaking && $factor !== 1.0) {
            $minutes = $minutes->times($factor)->onClock();
        }

        return PlannedStep::rewritten(self::pieces($step->text, $new), $step->text, $heats, $minutes);
    }

    /**
     * @param  array<int, array{int, string}>  $new  by the byte where it stands: how long the old is, and the new
     * @return list<StepPiece>
     */
    private static function pieces(string $text, array $new): array
    {
        ksort($new);
        [$pieces, $done] = [[], 0];
        foreach ($new as $at => [$length, $words]) {
            if ($at >= $done) {
                $pieces[] = new StepPiece(substr($text, $done, $at - $done));
                $pieces[] = new StepPiece($words, substr($text, $at, $length));
                $done = $at + $length;
            }
        }
        $pieces[] = new StepPiece(substr($text, $done));

        return array_values(array_filter($pieces, static fn (StepPiece $p): bool => $p->text !== ''));
    }

    /** As an oven is set, in the scale that the recipe speaks; a fan oven stays one. */
    private function dial(Heat $heat, Temperature $new): string
    {
        $step = $this->constants->get('snap-oven-c');
        $celsius = $new->celsiusOnDial($step);
        $fan = $new->lowerBy($this->constants->get('fan-offset-c'))->celsiusOnDial($step);
        $fahrenheit = $new->fahrenheitOnDial($this->constants->get('snap-oven-f'));

        return match (true) {
            $heat->isFan => "$fan °C fan ($celsius °C without fan)",
            $heat->isFahrenheit => "$fahrenheit °F / $celsius °C".($heat->saysFan ? " ($fan °C fan)" : ''),
            default => "$celsius °C".($heat->saysFan ? " ($fan °C fan)" : ''),
        };
    }

    /** @param  list<Step>  $steps */
    private function coolMinutes(Swap $swap, array $steps): int
    {
        $bakes = array_filter($steps, static fn (Step $s): bool => $s->isBake && $s->times !== []) !== [];

        return $bakes && $swap->family()->fragile && $this->holdsSweetener($swap)
            ? (int) $this->constants->get('erythritol-cool-on-sheet') : 0;
    }

    private function holdsSweetener(Swap $swap): bool
    {
        foreach ($swap->after->doses as $dose) {
            if ($dose->food !== null && ($dose->food->per100->polyolGrams() > 0 || $dose->food->per100->allulose > 0)) {
                return true;
            }
        }

        return false;
    }
}
