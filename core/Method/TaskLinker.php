<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Swap\Swap;

/** Says of each piece of work which others come before it, and how long it may wait for it. */
final readonly class TaskLinker
{
    private const GOES_ON = '~^(?:\pL+ly\s+)?(?:beat|stir|fold|whisk|mix|work|rub|add|pour|blend|drizzle|stream|sift)\s+(?:in\b|into\b|over\b|on\b|(?:the\s+)?[^.]{0,60}\b(?:to|into|with)\s+(?:it|them|the\s+\pL+\s+(?:mixture|mix|batter|dough))\b)|^(?:then\s+)?add\b|\b(?:it|them|everything|batter|dough)\b~iu';

    private const OTHER_BOWL = '~\b(?:another|separate|second|clean)\s+(?:\pL+[\s-]+){0,2}(?:bowl|pan|saucepan|jug)\b|\bmeanwhile\b|\bseparately\b|\bin\s+an?\s+(?:\pL+[\s-]+){0,2}(?:bowl|pan|saucepan|jug)\b~iu';

    private const AT_ONCE = '~\b(?:immediately|at once|straight\s?away|right away|without delay|while (?:still )?boiling)\b~iu';

    private const WARM = '~\b(?:while|when) (?:it is |they are |the \pL+ (?:is|are) )?(?:still )?(?:hot|warm|melted|liquid)\b~iu';

    private const OVER = '~\b(?:over|onto|on top|into the|between|fill|sandwich|assemble)\b~iu';

    /** Work on what is there already, whatever goes in at it. */
    private const CARRIES_ON = ['coat', 'shape', 'press', 'unmould', 'fold', 'rub-in'];

    public function __construct(private Constants $constants) {}

    /**
     * @param  list<ReadTask>  $tasks
     * @return list<Task>
     */
    public function linked(Swap $swap, Formula $formula, array $tasks): array
    {
        $threads = new Threads;
        $waiting = ['preheat' => [], 'line' => [], 'soften' => []];
        $linked = [];
        foreach ($tasks as $n => $read) {
            [$task, $component] = [$read->task, $read->component];
            if (isset($waiting[$task->action->key])) {
                $waiting[$task->action->key][] = $task->id;
                $linked[] = $task;

                continue;
            }
            $after = $this->follows($threads, $task, $component, $read->opens, $formula, $n === array_key_last($tasks));
            $links = array_map(
                fn (string $id): Link => new Link(
                    $id,
                    0,
                    $this->atMost($id, $task, $swap->families[$component], $linked),
                ),
                $after,
            );
            $wants = [
                'preheat' => $task->place === 'oven',
                'line' => $task->place === 'oven' || in_array($task->action->key, ['shape', 'press'], true),
                'soften' => $task->uses !== [] && $this->isSoft($task),
            ];
            foreach (array_keys(array_filter($wants)) as $key) {
                array_push($links, ...array_map(static fn (string $id): Link => new Link($id), $waiting[$key]));
                $waiting[$key] = [];
            }
            $threads->touch($task->id, $task->uses);
            $linked[] = $task->following($links);
        }

        return $linked;
    }

    private function isSoft(Task $task): bool
    {
        return array_filter(
            $task->uses,
            static fn (StepUse $u): bool => in_array($u->food->role, [Role::Fat, Role::Egg], true),
        ) !== [];
    }

    /** @return list<string> */
    private function follows(
        Threads $threads,
        Task $task,
        int $component,
        bool $opens,
        Formula $formula,
        bool $isLast,
    ): array {
        $isFresh = $task->uses !== [];
        $goesOn = preg_match(self::GOES_ON, $task->text) === 1 && preg_match(self::OTHER_BOWL, $task->text) !== 1;
        $goesOn = $goesOn || in_array($task->action->key, self::CARRIES_ON, true);
        if (
            ! $threads->isBegun($component) ||
            ($isFresh &&
                $opens &&
                ! $goesOn &&
                ! in_array($task->action->key, ['bake', 'griddle', 'air-fry', 'turn-down'], true) &&
                ! $this->namesBowl($task))
        ) {
            $others = $isLast ? $threads->ends() : [];
            $threads->begin($component);

            return $others;
        }
        $threads->turnTo($component);
        $isWait = $task->isWait() && ! $task->isHot();
        $joins = function (Bowl $bowl) use ($task, $component, $isFresh, $isWait, $formula, $isLast): bool {
            if ($isLast) {
                return true;
            }
            if ($bowl->component === $component) {
                return ! $isWait && (! $isFresh || $this->names($task, $bowl));
            }
            $name = $formula->components[$bowl->component] ?? '';

            return ($name !== '' && preg_match('~\b'.preg_quote($name, '~').'\b~iu', $task->text) === 1) ||
                (! $isFresh &&
                    ! $isWait &&
                    (preg_match(self::OVER, $task->text) === 1 ||
                        $task->action->key === 'coat' ||
                        $task->place === 'oven'));
        };

        return $threads->pour($joins);
    }

    private function namesBowl(Task $task): bool
    {
        return preg_match('~\b(?:mixture|mix|dry ingredients|what was whisked|whites|yolks)\b~iu', $task->text) === 1 &&
            $task->action->key !== 'whip';
    }

    private function names(Task $task, Bowl $bowl): bool
    {
        if ($bowl->isDry && preg_match('~\b(?:dry|flours?|almond|what was whisked|crumbs?)\b~iu', $task->text) === 1) {
            return true;
        }
        foreach ($bowl->words as $word) {
            if (preg_match('~\b'.preg_quote($word, '~').'s?\b~iu', $task->text) === 1) {
                return true;
            }
        }

        return preg_match('~\b(?:mixtures?|both|everything|two)\b~iu', $task->text) === 1;
    }

    /** @param  list<Task>  $linked */
    private function atMost(string $id, Task $task, Family $family, array $linked): ?int
    {
        $before = array_values(array_filter($linked, static fn (Task $t): bool => $t->id === $id))[0] ?? null;

        return match (true) {
            $before === null => null,
            preg_match(self::AT_ONCE, $task->text) === 1 => (int) $this->constants->get('at-once-minutes'),
            preg_match(self::WARM, $task->text) === 1 && $before->isHot() => (int) $this->constants->get(
                'while-warm-minutes',
            ),
            $task->place === 'oven' && $before->place === 'oven' && $before->component === $task->component => (int) $this->constants->get('at-once-minutes'),
            $task->action->key === 'bake' && $family->foam && $before->hands->isAll => (int) $this->constants->get(
                'foam-waits-minutes',
            ),
            default => null,
        };
    }
}
