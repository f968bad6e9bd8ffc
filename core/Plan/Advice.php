<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Method\NewNames;
use Aglyca\Core\Method\StepUse;
use Aglyca\Core\Method\Task;
use Aglyca\Core\Quantity\Duration;

/** What would make a day shorter or easier, with what it saves. */
final readonly class Advice
{
    public function __construct(private Constants $constants) {}

    /**
     * @param  list<Dish>  $dishes
     * @param  callable(Places): DayPlan  $again  the day in another kitchen
     * @param  ?Task  $waiting  that may be cut short
     * @param  ?DayPlan  $shorter  the day where it is
     * @param  ?Dish  $fried  that an air fryer may hold
     * @param  ?DayPlan  $inFryer  the day where it does
     * @return list<string>
     */
    public function of(
        DayPlan $plan,
        array $dishes,
        DayAsked $asked,
        callable $again,
        ?Task $waiting,
        ?DayPlan $shorter,
        ?Dish $fried,
        ?DayPlan $inFryer,
    ): array {
        $advice = $this->late($plan, $asked);
        $worth = (int) $this->constants->get('saving-worth-minutes');
        $most = max([0, ...array_column($plan->tasks, 'batches')]);
        $tries = [
            [
                'Another sheet',
                $most > $asked->places->sheets ? $asked->places->but(sheets: $asked->places->sheets + 1) : null,
            ],
            ['A second pair of hands', $asked->places->bakers === 1 ? $asked->places->but(bakers: 2) : null],
        ];
        foreach ($tries as [$what, $places]) {
            $saved = $places === null ? 0 : $plan->span() - $again($places)->span();
            if ($saved >= $worth) {
                $advice[] = "$what saves ".Duration::minutes($saved, $saved)->text().'.';
            }
        }
        if ($waiting !== null && $shorter !== null && $plan->span() - $shorter->span() >= $worth) {
            $saved = $plan->span() - $shorter->span();
            $advice[] = sprintf(
                '%s: at least %s instead of %s saves %s.',
                rtrim($waiting->text, '.'),
                Duration::minutes($waiting->low, $waiting->low)->text(),
                Duration::minutes($waiting->typical, $waiting->typical)->text(),
                Duration::minutes($saved, $saved)->text(),
            );
        }

        if ($fried !== null && $inFryer !== null && $plan->span() - $inFryer->span() >= $worth) {
            $saved = $plan->span() - $inFryer->span();
            $advice[] = sprintf(
                '%s in the air fryer, if its tin fits in, saves %s.',
                $fried->title,
                Duration::minutes($saved, $saved)->text(),
            );
        }

        return [...$advice, ...$this->early($plan, $dishes)];
    }

    /** The wait that could be cut most. */
    public function longestWait(DayPlan $plan): ?Task
    {
        $found = null;
        foreach ($plan->tasks as $task) {
            if (
                in_array($task->action->key, ['chill', 'freeze', 'rest', 'cool', 'soften'], true) &&
                $task->typical - $task->low > ($found === null ? 0 : $found->typical - $found->low)
            ) {
                $found = $task;
            }
        }

        return $found;
    }

    /** @return list<string> */
    private function late(DayPlan $plan, DayAsked $asked): array
    {
        if ($plan->lateBy === 0) {
            return [];
        }
        $could = Night::local(($asked->now ?? 0) + $plan->span(), $asked->zone);

        return [sprintf(
            'There is too little time: it should have begun %s ago. Begun now, it is ready at about %s.',
            Duration::minutes($plan->lateBy, $plan->lateBy)->text(), $could->format('H:i'),
        )];
    }

    /**
     * What can be done the day before.
     *
     * @param  list<Dish>  $dishes
     * @return list<string>
     */
    private function early(DayPlan $plan, array $dishes): array
    {
        $advice = [];
        foreach ($dishes as $dish) {
            $name = count($dishes) > 1 ? "$dish->title: " : '';
            foreach ($dish->tasks as $task) {
                $isDry =
                    $task->uses !== [] &&
                    array_filter(
                        $task->uses,
                        static fn (StepUse $u): bool => ! in_array(
                            $u->food->role,
                            [Role::Body, Role::Lift, Role::Binder, Role::Sweet, Role::Flavour],
                            true,
                        ) || $u->food->isLiquid(),
                    ) === [];
                if ($isDry && count($task->uses) > 1 && in_array($task->action->key, ['whisk', 'sift', 'stir'], true)) {
                    $names = NewNames::list(
                        array_map(static fn (StepUse $u): string => NewNames::name($u->food), $task->uses),
                    );
                    $advice[] = ucfirst($name."the $names can be mixed the day before.");
                    break;
                }
            }
            if ($dish->keep->days > 0) {
                $advice[] = ucfirst(
                    $name."it keeps {$dish->keep->text}: all of it can be made the day before".
                        ($dish->keep->isCold() ? ', and stands in the cold until then.' : '.'),
                );
            }
        }

        return $advice;
    }
}
