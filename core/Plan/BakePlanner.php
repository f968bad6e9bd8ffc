<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Family\PanChange;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Quantity\Temperature;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Schools;
use Aglyca\Core\Swap\Swap;

/** Rewrites the method for the swapped dessert: heats, times, rests and cooling. */
final readonly class BakePlanner
{
    public function __construct(private Schools $schools, private Preparations $preparations, private Constants $constants) {}

    /** @param  list<Step>  $steps */
    public function change(Swap $swap, array $steps, ?PanChange $pan = null): BakeChange
    {
        $bakes = array_filter($steps, static fn (Step $s): bool => $s->isBake && $s->times !== []) !== [];
        $flours = array_filter($swap->exchanges, static fn (Exchange $e): bool => $e->changed && $e->role === Role::Body && count($e->to) > 1);
        [$lower, $reasons] = [0.0, []];
        if ($flours !== []) {
            $lower = $this->constants->get('nut-lower-by');
            $reasons[] = 'nut and seed flours brown sooner than wheat';
        }
        if ($swap->wishes->cooler > 0) {
            $lower += $swap->wishes->cooler;
            $reasons[] = 'you asked for a cooler oven, so that it may hold more allulose';
        }
        if ($pan !== null && $pan->sentence() !== '') {
            $reasons[] = $pan->sentence();
        }
        $drinks = array_filter($flours, static fn (Exchange $e): bool => ! $swap->families[$e->component]->foam) !== [];
        $rest = $drinks ? (int) $this->schools->school($swap->wishes->school)['rest_min'] : 0;
        $cool = $bakes && $swap->families[$swap->before->heaviest()]->fragile && $this->holdsSweetener($swap) ? (int) $this->constants->get('erythritol-cool-on-sheet') : 0;

        return new BakeChange($lower, $swap->wishes->longer * ($lower > 0 ? 1 + $this->constants->get('nut-longer-by') : 1.0), $rest, $cool, $reasons);
    }

    /**
     * @param  list<Step>  $steps
     * @return list<PlannedStep>
     */
    public function steps(Swap $swap, BakeChange $change, array $steps): array
    {
        $planned = $this->preparations->of($swap);
        $rested = $change->restMinutes === 0;
        $lastBake = array_key_last(array_filter($steps, static fn (Step $s): bool => $s->isBake && $s->times !== []));
        foreach ($steps as $i => $step) {
            if (! $rested && $step->isBake && $step->times !== []) {
                [$mixing, $step] = $step->beforeBaking();
                if ($mixing !== null) {
                    $planned[] = $this->step($change, $mixing);
                }
                $planned[] = PlannedStep::added("Let it stand for $change->restMinutes minutes before it is baked: the flour drinks.");
                $rested = true;
            }
            $rested = $rested || $this->rests($step, $change->restMinutes);
            $planned[] = $this->step($change, $step);
            if ($i === $lastBake && $change->coolMinutes > 0 && ! $this->cools($step, $change->coolMinutes) && ! $this->cools($steps[$i + 1] ?? null, $change->coolMinutes)) {
                $planned[] = PlannedStep::added("Leave it where it is for $change->coolMinutes minutes before moving it: without sugar it is fragile while hot.");
            }
        }

        return $planned;
    }

    /** Whether a step lets it stand as long anyway. */
    private function cools(?Step $step, int $minutes): bool
    {
        return array_filter($step->times ?? [], static fn (array $t): bool => ! $t['bakes'] && $t['low'] >= $minutes) !== []
            || preg_match('~\b(?:until|till)\s+(?:\w+\s+)?(?:cold|cool)\b|\bcool\s+completely\b~iu', $step->text ?? '') === 1;
    }

    /** Whether the mix waits as long in a step anyway. */
    private function rests(Step $step, int $minutes): bool
    {
        return preg_match('~\b(?:chill|rest|stand|refrigerate|fridge|prove)\b~iu', $step->text) === 1
            && (preg_match('~\bovernight\b~iu', $step->text) === 1 || array_filter($step->times, static fn (array $t): bool => ! $t['bakes'] && $t['low'] >= $minutes) !== []);
    }

    private function step(BakeChange $change, Step $step): PlannedStep
    {
        $marks = [];
        foreach ($step->heats as $heat) {
            $marks[$heat['at']] = [$heat['length'], $this->dial($heat['heat'], $change), $change->lowerBy > 0];
        }
        if ($step->isBake && $change->timeFactor !== 1.0) {
            foreach (array_filter($step->times, static fn (array $t): bool => $t['bakes']) as $time) {
                $marks[$time['at']] = [$time['length'], $this->minutes($time, $change), true];
            }
        }
        ksort($marks);
        [$pieces, $done] = [[], 0];
        foreach ($marks as $at => [$length, $new, $isOther]) {
            if ($at < $done) {
                continue;
            }
            $pieces[] = ['text' => substr($step->text, $done, $at - $done), 'was' => ''];
            $old = substr($step->text, $at, $length);
            $pieces[] = ['text' => $new, 'was' => $isOther ? $old : ''];
            $done = $at + $length;
        }
        $pieces[] = ['text' => substr($step->text, $done), 'was' => ''];

        return new PlannedStep($this->withoutRepeats(array_values(array_filter($pieces, static fn (array $p): bool => $p['text'] !== ''))));
    }

    /**
     * "350 °F (175 °C)" would otherwise name the new heat twice.
     *
     * @param  list<array{text: string, was: string}>  $pieces
     * @return list<array{text: string, was: string}>
     */
    private function withoutRepeats(array $pieces): array
    {
        $kept = [];
        foreach ($pieces as $piece) {
            $count = count($kept);
            if ($count >= 2 && preg_match('~^[\s(/,;|–-]*(?:or\s+)?$~u', $kept[$count - 1]['text']) === 1
                && preg_match('~°~u', $piece['text']) === 1 && preg_match('~^\d+ °[CF]~u', $piece['text']) === 1 && preg_match('~^\d+ °[CF]~u', $kept[$count - 2]['text']) === 1) {
                $was = rtrim($kept[$count - 1]['text'].$piece['was']);
                $opened = substr_count($was, '(') > substr_count($was, ')');
                $kept[$count - 2]['was'] .= $piece['was'] === '' ? '' : $was.($opened ? ')' : '');
                array_pop($kept);
                $pendingClose = $opened;

                continue;
            }
            if (($pendingClose ?? false) && str_starts_with($piece['text'], ')')) {
                $piece['text'] = substr($piece['text'], 1);
            }
            $pendingClose = false;
            if ($piece['text'] !== '') {
                $kept[] = $piece;
            }
        }

        return $kept;
    }

    private function dial(Temperature $heat, BakeChange $change): string
    {
        $new = $heat->lowerBy($change->lowerBy);

        return sprintf('%d °F / %d °C', $new->fahrenheitOnDial($this->constants->get('snap-oven-f')), $new->celsiusOnDial($this->constants->get('snap-oven-c')));
    }

    /** @param array{low: float, high: float, ...} $time */
    private function minutes(array $time, BakeChange $change): string
    {
        $low = (int) round($time['low'] * $change->timeFactor);
        $high = (int) round($time['high'] * $change->timeFactor);

        return $low === $high ? "$low minutes" : "$low to $high minutes";
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
