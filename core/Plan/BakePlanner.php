<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Quantity\Temperature;
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
        $marks = [];
        foreach ($step->heats as $heat) {
            $marks[$heat->at] = [$heat->length, $this->dial($heat->temperature, $oven), $oven->loweredByCelsius > 0];
        }
        if ($step->isBake && $oven->timeFactor() !== 1.0) {
            foreach ($step->bakes() as $time) {
                $marks[$time->at] = [$time->length, $this->minutes($time, $oven->timeFactor()), true];
            }
        }
        ksort($marks);
        [$pieces, $done] = [[], 0];
        foreach ($marks as $at => [$length, $new, $isOther]) {
            if ($at < $done) {
                continue;
            }
            $pieces[] = new StepPiece(substr($step->text, $done, $at - $done));
            $pieces[] = new StepPiece($new, $isOther ? substr($step->text, $at, $length) : '');
            $done = $at + $length;
        }
        $pieces[] = new StepPiece(substr($step->text, $done));
        $pieces = array_values(array_filter($pieces, static fn (StepPiece $p): bool => $p->text !== ''));

        return PlannedStep::rewritten($this->withoutRepeats($pieces));
    }

    /**
     * "350 °F (175 °C)" would otherwise name the new heat twice.
     *
     * @param  list<StepPiece>  $pieces
     * @return list<StepPiece>
     */
    private function withoutRepeats(array $pieces): array
    {
        $kept = [];
        $closes = false;
        foreach ($pieces as $piece) {
            $count = count($kept);
            if ($count >= 2 && self::repeats($kept[$count - 2]->text, $kept[$count - 1]->text, $piece->text)) {
                $was = rtrim($kept[$count - 1]->text.$piece->was);
                $closes = substr_count($was, '(') > substr_count($was, ')');
                if ($piece->was !== '') {
                    $kept[$count - 2] = new StepPiece($kept[$count - 2]->text, $kept[$count - 2]->was.$was.($closes ? ')' : ''));
                }
                array_pop($kept);

                continue;
            }
            $text = $closes && str_starts_with($piece->text, ')') ? substr($piece->text, 1) : $piece->text;
            $closes = false;
            if ($text !== '') {
                $kept[] = new StepPiece($text, $piece->was);
            }
        }

        return $kept;
    }

    /** A heat behind a heat, with nothing between them but what joins two names of one. */
    private static function repeats(string $heat, string $between, string $next): bool
    {
        return preg_match('~^[\s(/,;|–-]*(?:or\s+)?$~u', $between) === 1
            && preg_match('~^\d+ °[CF]~u', $next) === 1 && preg_match('~^\d+ °[CF]~u', $heat) === 1;
    }

    private function dial(Temperature $heat, OvenPlan $oven): string
    {
        $new = $heat->lowerBy($oven->loweredByCelsius);

        return sprintf('%d °F / %d °C', $new->fahrenheitOnDial($this->constants->get('snap-oven-f')), $new->celsiusOnDial($this->constants->get('snap-oven-c')));
    }

    private function minutes(Timing $time, float $factor): string
    {
        $low = (int) round($time->low * $factor);
        $high = (int) round($time->high * $factor);

        return $low === $high ? "$low minutes" : "$low to $high minutes";
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
