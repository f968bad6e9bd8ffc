<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Quantity\Duration;
use Aglyca\Core\Reading\StepCorrection;
use Aglyca\Core\Reading\StepReader;

/** Does to the steps what the baker said of them; what goes in at one step goes in at no other. */
final readonly class StepCorrector
{
    public function __construct(private StepReader $reader) {}

    /**
     * @param  list<PlannedStep>  $steps
     * @param  array<string, StepCorrection>  $corrections  by `StepCorrection::key()`
     * @return list<PlannedStep>
     */
    public function corrected(array $steps, array $corrections): array
    {
        foreach ($corrections === [] ? [] : $steps as $i => $step) {
            $said = $step->isAdded() ? null : $corrections[StepCorrection::key($step->written)] ?? null;
            if ($said === null) {
                continue;
            }
            $steps = $this->moved($steps, $i, $said->takes);
            if ($said->minutes !== null) {
                $steps[$i] = $this->lasting($steps[$i], $said->minutes);
            }
        }

        return array_values($steps);
    }

    /**
     * @param  array<int, PlannedStep>  $steps
     * @param  list<string>  $takes
     * @return array<int, PlannedStep>
     */
    private function moved(array $steps, int $to, array $takes): array
    {
        $isTaken = static fn (StepUse $u): bool => in_array($u->food->key, $takes, true);
        $more = [];
        foreach ($steps as $i => $step) {
            if ($i !== $to && array_filter($step->uses, $isTaken) !== []) {
                array_push($more, ...array_filter($step->uses, $isTaken));
                $steps[$i] = $step->using(
                    array_values(array_filter($step->uses, static fn (StepUse $u): bool => ! $isTaken($u))),
                );
            }
        }
        if ($more !== []) {
            $steps[$to] = $steps[$to]->using([...$steps[$to]->uses, ...$more]);
        }

        return $steps;
    }

    /** The time that the step says first is the baker's; where it says none, it stands behind. */
    private function lasting(PlannedStep $step, float $minutes): PlannedStep
    {
        $lasts = Duration::minutes($minutes, $minutes);
        $text = $step->text();
        $read = $this->reader->read($text);
        $time = $read->bakes()[0] ?? $read->times[0] ?? null;
        $new =
            $time === null
                ? [new StepPiece($text), new StepPiece(' ('.$lasts->text().')', '')]
                : [
                    new StepPiece(substr($text, 0, $time->at)),
                    new StepPiece($lasts->text(), substr($text, $time->at, $time->length)),
                    new StepPiece(substr($text, $time->at + $time->length)),
                ];

        return PlannedStep::rewritten(
            array_values(array_filter($new, static fn (StepPiece $p): bool => $p->text !== '' || $p->was !== '')),
            $step->written,
            $step->heats,
            $lasts,
            $step->action,
            $step->uses,
            $step->component,
        );
    }
}
