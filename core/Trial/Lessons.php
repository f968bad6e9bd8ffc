<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Family\Families;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Method\Task;
use Aglyca\Core\Quantity\Decimal;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Swap\Wishes;

/** Says what a kitchen has taught, from its observations and what is usual. */
final readonly class Lessons
{
    public function __construct(private Larder $larder, private Families $families, private Constants $constants) {}

    /** @return list<Lesson> */
    public function of(Taught $taught): array
    {
        $lessons = [];
        foreach ($taught->observations as $key => $values) {
            [$kind, $of] = [...explode(':', $key, 2), ''];
            $lesson =
                $values === []
                    ? null
                    : match ($kind) {
                        'cup' => $this->cup($key, $of, $values),
                        'loss' => $this->loss($key, $of, $values),
                        Taught::OVEN => $this->time(
                            Taught::OVEN,
                            'oven-time',
                            'Your oven needs %s %% %s than methods say (± %s)',
                            $values,
                        ),
                        Taught::HANDS => $this->time(
                            Taught::HANDS,
                            'hands-time',
                            'Your hands need %s %% %s than is usual (± %s)',
                            $values,
                        ),
                        Taught::SWEETNESS => $this->sweetness($values),
                        Taught::PIECES => $this->pieces($values),
                        default => null,
                    };
            $lessons = $lesson === null ? $lessons : [...$lessons, $lesson];
        }

        return $lessons;
    }

    /**
     * What a bake says of its kitchen, where it was right: of a loaf that was burnt nobody learns the oven's minutes.
     *
     * @return array<string, ?float> by the keys of `Taught`
     */
    public function observed(Baked $baked): array
    {
        $notes = $baked->notes;
        $isDone =
            ! in_array($notes->judged['browning'] ?? Judged::Right, [Judged::Much, Judged::Little], true) &&
            ! in_array($notes->judged['moistness'] ?? Judged::Right, [Judged::Much, Judged::Little], true);
        $mass = $baked->formula->mass();
        $loses = $baked->family->bakeLoss > 0 && $mass > 0;

        return [
            Taught::OVEN => $isDone ? self::ovenTook($baked) : null,
            Taught::LOSS.$baked->family->key => $loses && $notes->mass !== null && $notes->mass < $mass
                    ? 1 - $notes->mass / $mass
                    : null,
            Taught::PIECES => $notes->pieces !== null && $baked->formula->pieces > 1
                    ? $notes->pieces / $baked->formula->pieces
                    : null,
        ];
    }

    /** Of several bakes the minutes in the notes may be of any: only what was timed of each says something. */
    private static function ovenTook(Baked $baked): ?float
    {
        if (! $baked->isOneBake) {
            return $baked->ovens === [] ? null : array_sum($baked->ovens) / count($baked->ovens);
        }

        return $baked->notes->minutes !== null && $baked->minutes > 0
            ? $baked->notes->minutes / $baked->minutes
            : null;
    }

    /**
     * How long each bake took that was timed, against the method's own minutes.
     *
     * @param  list<Task>  $tasks
     * @param  float  $own  how much longer this kitchen's oven takes, which is in the tasks already
     * @return list<float>
     */
    public function ovensTaken(array $tasks, Doing $doing, float $own): array
    {
        $taken = [];
        foreach ($tasks as $task) {
            $minutes = $task->action->key === 'bake' && $task->typical > 0 ? $doing->longest($task->id) : null;
            if ($minutes !== null) {
                $taken[] = $minutes / ($task->typical / $own);
            }
        }

        return $taken;
    }

    /**
     * How long hands took at a bake, from one tick to the next, against what is usual for the same work.
     *
     * @param  list<Task>  $tasks
     * @return ?float null where too little was ticked to tell
     */
    public function handsTaken(array $tasks, Doing $doing): ?float
    {
        $tasks = array_column($tasks, null, 'id');
        $done = $doing->done;
        asort($done);
        [$taken, $usual, $counted, $before] = [0.0, 0.0, 0, null];
        foreach ($done as $id => $at) {
            $task = $tasks[$id] ?? null;
            $minutes = $before === null ? 0.0 : ($at - $before) / 60_000;
            $before = $at;
            // Work of which the method says the minutes takes those.
            $isOurs =
                $task !== null &&
                $task->hands->isAll &&
                $task->action->hands === 'all' &&
                preg_match('~\d\s*min~iu', $task->text) !== 1;
            if ($isOurs && $minutes > 0.0 && $minutes <= $this->constants->get('hands-away') * $task->action->typical) {
                $taken += $minutes;
                $usual += $task->action->typical;
                $counted++;
            }
        }

        return $counted < $this->constants->get('hands-least-tasks') ? null : round($taken / $usual, 3);
    }

    /** @param  list<float>  $values */
    public function likedSweetness(array $values): Estimate
    {
        $learnt = Taught::posterior(
            $this->constants->get('liked-sweetness'),
            $this->constants->get('liked-sweetness-u'),
            $this->constants->get('liked-sweetness-spread'),
            $values,
        );

        return Estimate::of(min(Wishes::SWEETNESS_MOST, max(Wishes::SWEETNESS_LEAST, $learnt->value)), $learnt->u);
    }

    /** @param  list<float>  $values */
    private function cup(string $key, string $of, array $values): ?Lesson
    {
        $food = $this->larder->plain($of);
        if ($food === null) {
            return null;
        }
        $usual = $this->larder->ofCup($this->larder->usualDensity($food));
        $learnt = $this->larder->ofCup($this->larder->taughtDensity($food, $values));

        return new Lesson(
            $key,
            sprintf(
                'Your cup of %s weighs %s g (± %s)',
                mb_strtolower($food->name),
                Decimal::plain($learnt->value, 0),
                Decimal::plain(2 * $learnt->u, 0),
            ),
            $usual,
            $learnt,
            count($values),
        );
    }

    /** @param  list<float>  $values */
    private function loss(string $key, string $of, array $values): ?Lesson
    {
        if (! isset($this->families->names()[$of])) {
            return null;
        }
        $family = $this->families->plain($of);
        if ($family->bakeLoss <= 0) {
            return null;
        }
        $usual = Estimate::of($family->bakeLoss, $family->bakeLoss * $this->constants->get('loss-u'));
        $learnt = Taught::posterior(
            $usual->value,
            $usual->u,
            $family->bakeLoss * $this->constants->get('loss-spread'),
            $values,
        );

        return new Lesson(
            $key,
            sprintf(
                '%s loses %s %% of its mass in your oven (± %s)',
                $family->name,
                Decimal::plain(100 * $learnt->value, 1),
                Decimal::plain(200 * $learnt->u, 1),
            ),
            $usual,
            $learnt,
            count($values),
        );
    }

    /** @param  list<float>  $values  minutes taken over those that are usual */
    private function time(string $what, string $constant, string $sentence, array $values): Lesson
    {
        $usual = Estimate::of(1.0, $this->constants->get("$constant-u"));
        $learnt = Taught::posterior(1.0, $usual->u, $this->constants->get("$constant-spread"), $values);
        $percent = Decimal::plain(abs(100 * ($learnt->value - 1)), 0);

        return new Lesson(
            $what,
            sprintf(
                $sentence,
                $percent,
                $learnt->value >= 1 ? 'longer' : 'less time',
                Decimal::plain(200 * $learnt->u, 0),
            ),
            $usual,
            $learnt,
            count($values),
        );
    }

    /** @param  list<float>  $values */
    private function sweetness(array $values): Lesson
    {
        $usual = $this->likedSweetness([]);
        $learnt = $this->likedSweetness($values);

        return new Lesson(
            Taught::SWEETNESS,
            sprintf(
                'You like it at %s %% of the sugar’s sweetness (± %s)',
                Decimal::plain(100 * $learnt->value, 0),
                Decimal::plain(200 * $learnt->u, 0),
            ),
            $usual,
            $learnt,
            count($values),
        );
    }

    /** @param  list<float>  $values */
    private function pieces(array $values): Lesson
    {
        $usual = Estimate::of(1.0, $this->constants->get('pieces-u'));
        $learnt = Taught::posterior(1.0, $usual->u, $this->constants->get('pieces-spread'), $values);
        $percent = Decimal::plain(abs(100 * ($learnt->value - 1)), 0);

        return new Lesson(
            Taught::PIECES,
            sprintf(
                'Your pieces come out %s %% %s than planned (± %s)',
                $percent,
                $learnt->value >= 1 ? 'more' : 'fewer',
                Decimal::plain(200 * $learnt->u, 0),
            ),
            $usual,
            $learnt,
            count($values),
        );
    }
}
