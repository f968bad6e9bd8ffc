<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Quantity\Duration;
use Aglyca\Core\Reading\StepReader;
use Aglyca\Core\Swap\Swap;

/** Makes of the steps of a dessert the work that can be planned: tasks with their links. */
final readonly class TaskMaker
{
    private const UNTIL = '~\b(?:until|till|done when:?)\s+([^.;]*)~iu';

    private const SETS_UP = ['preheat', 'line'];

    public function __construct(
        private Clauses $clauses,
        private Actions $actions,
        private StepReader $reader,
        private TaskLinker $links,
        private Constants $constants,
        private Taught $taught = new Taught(),
    ) {}

    /**
     * @param  list<PlannedStep>  $steps  with every dose at one of them
     * @param  string  $prefix  that makes ids unique
     * @return list<Task>
     */
    public function tasks(Swap $swap, Formula $formula, array $steps, string $dessert, string $prefix): array
    {
        $tasks = [];
        $components = $this->componentsOf($steps, $swap->before->heaviest());
        foreach ($this->early($swap->before, $steps, $components) as [$text, $component]) {
            $tasks[] = new ReadTask(
                $this->task(
                    $prefix.'1',
                    $dessert,
                    $formula->components[$component] ?? '',
                    $this->actions->get('soften'),
                    new Clause($text, null, $this->reader->read($text), true),
                    '',
                    [],
                ),
                $component,
            );
        }
        $steps = $this->complete($formula, $steps, $components);
        foreach ($steps as $i => $step) {
            $clauses = $this->withVerbs($step);
            $uses = $this->shared($step->uses, $clauses);
            foreach ($clauses as $c => $clause) {
                $number = count($tasks) + 1;
                $action = $clause->action ?? $this->actions->get('stir');
                $tasks[] = new ReadTask(
                    $this->task(
                        "$prefix$number",
                        $dessert,
                        $formula->components[$components[$i]] ?? '',
                        $this->inFamily($action, $swap->families[$components[$i]], $clause),
                        $clause,
                        $step->written,
                        $uses[$c],
                    ),
                    $components[$i],
                    $clause->opens,
                );
            }
        }
        $tasks = [...$this->heating($tasks, $dessert, $prefix), ...$tasks];
        $tasks = [...$tasks, ...$this->endings($swap, $tasks, $dessert, $prefix)];

        return $this->links->linked($swap, $formula, $tasks);
    }

    /**
     * @param  list<PlannedStep>  $steps
     * @return list<int> by step
     */
    private function componentsOf(array $steps, int $usual): array
    {
        $found = [];
        $known = array_column($steps, 'component');
        foreach ($steps as $i => $step) {
            $later = array_filter(array_slice($known, $i), static fn (?int $c): bool => $c !== null);
            $next = array_values($later)[0] ?? null;
            $found[] =
                $step->component ??
                (($step->isAdded() && $i > 0 ? $found[$i - 1] : $next) ?? ($next ?? ($found[$i - 1] ?? $usual)));
        }

        return $found;
    }

    /**
     * What has to lie out before the work begins.
     *
     * @param  list<PlannedStep>  $steps
     * @param  list<int>  $components
     * @return list<array{string, int}>
     */
    private function early(Formula $before, array $steps, array $components): array
    {
        $soft = [];
        $stays = array_map(
            static fn (StepUse $u): string => $u->food->key,
            array_merge([], ...array_column($steps, 'uses')),
        );
        foreach ($before->doses as $dose) {
            if (
                $dose->food !== null &&
                in_array($dose->food->key, $stays, true) &&
                preg_match('~\b(?:soft(?:ened)?|room[- ]temp\w*)\b~iu', $dose->text) === 1 &&
                in_array($dose->food->role, [Role::Fat, Role::Egg, Role::Wet], true)
            ) {
                $soft[$dose->component][] = NewNames::name($dose->food);
            }
        }
        foreach ($steps as $i => $step) {
            foreach ($step->action?->key === 'cream' ? $step->uses : [] as $use) {
                if ($use->food->role === Role::Fat && ! $use->food->isLiquid()) {
                    $soft[$components[$i]][] = NewNames::name($use->food);
                }
            }
        }
        $isSaid = array_filter($steps, static fn (PlannedStep $s): bool => $s->action?->key === 'soften') !== [];
        $all = array_map(
            static fn (string $n): string => $n === 'egg' ? 'eggs' : $n,
            array_values(array_unique(array_merge([], ...$soft))),
        );

        return $all === [] || $isSaid
            ? []
            : [['Take the '.NewNames::list($all).' out of the fridge.', (int) array_key_first($soft)]];
    }

    /**
     * The clauses of a step, where a remark without a verb stays with what it speaks of.
     *
     * @return list<Clause>
     */
    private function withVerbs(PlannedStep $step): array
    {
        $kept = [];
        foreach ($this->clauses->of($step->text()) as $clause) {
            $last = array_key_last($kept);
            if ($clause->action === null && $last !== null) {
                $kept[$last] = new Clause(
                    $kept[$last]->text.' '.$clause->text,
                    $kept[$last]->action,
                    $kept[$last]->step,
                    $kept[$last]->opens,
                );
            } elseif ($clause->action !== null || $step->uses !== []) {
                $kept[] = $clause;
            }
        }

        return array_values($kept);
    }

    /**
     * What no step takes, "Mix and bake", goes in where its part is first worked on.
     *
     * @param  list<PlannedStep>  $steps
     * @param  list<int>  $components
     * @return list<PlannedStep>
     */
    private function complete(Formula $formula, array $steps, array $components): array
    {
        $taken = [];
        foreach ($steps as $step) {
            foreach ($step->uses as $use) {
                $taken[$use->food->key] = ($taken[$use->food->key] ?? 0.0) + $use->grams;
            }
        }
        $late = [];
        foreach ($formula->doses as $dose) {
            if ($dose->food !== null && $dose->mass() > 0) {
                $rest = $dose->mass() - ($taken[$dose->food->key] ?? 0.0);
                $taken[$dose->food->key] = max(0.0, -$rest);
                $at = $rest > $dose->mass() * 0.01 ? $this->firstWork($steps, $components, $dose->component) : null;
                if ($at !== null) {
                    $late[$at][] = new StepUse($dose->food, $rest);
                }
            }
        }
        foreach ($late as $at => $uses) {
            $steps[$at] = $steps[$at]->using([...$steps[$at]->uses, ...$uses]);
        }

        return array_values($steps);
    }

    /**
     * @param  list<PlannedStep>  $steps
     * @param  list<int>  $components
     */
    private function firstWork(array $steps, array $components, int $component): ?int
    {
        foreach ([[$component], $components] as $where) {
            foreach ($steps as $i => $step) {
                $isWork =
                    array_filter(
                        $this->clauses->of($step->text()),
                        static fn (Clause $c): bool => $c->action?->hands === 'all' &&
                            ! in_array($c->action->key, self::SETS_UP, true),
                    ) !== [];
                if ($isWork && in_array($components[$i], $where, true)) {
                    return $i;
                }
            }
        }

        return $steps === [] ? null : 0;
    }

    /**
     * What goes in at a step, by the clause that names it.
     *
     * @param  list<StepUse>  $uses
     * @param  list<Clause>  $clauses
     * @return array<int, list<StepUse>>
     */
    private function shared(array $uses, array $clauses): array
    {
        $by = array_fill(0, max(1, count($clauses)), []);
        $usual = 0;
        foreach ($clauses as $c => $clause) {
            if (! in_array($clause->action?->key, self::SETS_UP, true)) {
                $usual = $c;
                break;
            }
        }
        foreach ($uses as $use) {
            $words = explode(' ', NewNames::name($use->food));
            $best = [$usual, 0];
            foreach ($clauses as $c => $clause) {
                $hits = count(
                    array_filter(
                        $words,
                        static fn (string $w): bool => preg_match('~\b'.preg_quote($w, '~').'~iu', $clause->text) ===
                            1,
                    ),
                );
                $best = $hits > $best[1] ? [$c, $hits] : $best;
            }
            $by[$best[0]][] = $use;
        }

        return $by;
    }

    /**
     * Heating the oven, where the text goes straight to the bake.
     *
     * @param  list<ReadTask>  $tasks
     * @return list<ReadTask>
     */
    private function heating(array $tasks, string $dessert, string $prefix): array
    {
        $bake = null;
        foreach ($tasks as $read) {
            if ($read->task->action->key === 'preheat') {
                return [];
            }
            $bake ??= $read->task->place === 'oven' && $read->task->heats !== [] ? $read : null;
        }
        if ($bake === null) {
            return [];
        }
        $clause = new Clause('Heat the oven.', null, $this->reader->read(''), true);
        $task = $this->task(
            $prefix.'0',
            $dessert,
            $bake->task->component,
            $this->actions->get('preheat'),
            $clause,
            '',
            [],
        );

        return [new ReadTask($task->but(heats: [$bake->task->heats[0]]), $bake->component)];
    }

    /** A waffle is fried in its iron. */
    private function inFamily(Action $action, Family $family, Clause $clause): Action
    {
        $isIron =
            $family->key === 'waffle' &&
            preg_match('~\b(?:waffle|iron)\b~iu', $clause->text) === 1 &&
            in_array($action->key, ['bake', 'fry', 'simmer'], true);

        if ($action->key === 'bake' && preg_match('~\bair[- ]fry(?:er|ing)?\b~iu', $clause->text) === 1) {
            return $this->actions->get('air-fry');
        }

        return $isIron ? $this->actions->get('griddle') : $action;
    }

    /** @param  list<StepUse>  $uses */
    private function task(
        string $id,
        string $dessert,
        string $component,
        Action $action,
        Clause $clause,
        string $written,
        array $uses,
    ): Task {
        [$low, $typical, $high] = $this->minutes($action, $clause);
        $door = (int) $this->constants->get('door-minutes');
        $hands = match (true) {
            $typical === 0 => Hands::none(),
            $action->key === 'preheat' => Hands::none(),
            $action->hands === 'all' => Hands::all(),
            in_array($action->place, ['oven', 'microwave', 'iron', 'air-fryer', 'hob'], true) &&
                $action->key !== 'turn-down' => Hands::atEnds($door, $door),
            $action->hands === 'start' => Hands::atEnds($door, 0),
            default => Hands::none(),
        };
        $heats = array_map(static fn ($h): float => $h->temperature->celsius, $clause->step->heats);
        $until = preg_match(self::UNTIL, $clause->text, $m) === 1 ? trim($m[0]) : '';

        return new Task(
            $id,
            $component,
            $dessert,
            $action,
            $clause->text,
            $written,
            $uses,
            $low,
            $typical,
            $high,
            $hands,
            $action->place,
            $heats,
            $until,
        );
    }

    /** @return array{int, int, int} */
    private function minutes(Action $action, Clause $clause): array
    {
        $timing =
            ($action->key === 'bake' ? $clause->step->bakes()[0] ?? null : null) ?? ($clause->step->times[0] ?? null);
        if ($action->key === 'store' || ($timing === null && $action->typical === 0.0)) {
            return [0, 0, 0];
        }
        if ($timing === null && $action->hands !== 'all' && preg_match('~\bover\s?night\b~iu', $clause->text) === 1) {
            return [
                (int) $this->constants->get('overnight-least'),
                (int) $this->constants->get('overnight-usual'),
                (int) $this->constants->get('overnight-most'),
            ];
        }
        $usual = $timing === null ? $action->usual : Duration::minutes($timing->low, $timing->high);
        $typical = $timing === null ? $action->typical : ($timing->low + $timing->high) / 2;

        $own = match (true) {
            $action->key === 'bake' => $this->taught->factor(Taught::OVEN, $this->constants),
            $timing === null && $action->hands === 'all' => $this->taught->factor(Taught::HANDS, $this->constants),
            default => 1.0,
        };

        return [
            (int) max(1, floor($usual->low * $own)),
            (int) max(1, ceil($typical * $own)),
            (int) max(1, ceil($usual->high * $own)),
        ];
    }

    /**
     * Cooling and setting that the method leaves unsaid.
     *
     * @param  list<ReadTask>  $tasks
     * @return list<ReadTask>
     */
    private function endings(Swap $swap, array $tasks, string $dessert, string $prefix): array
    {
        $family = $swap->family();
        $last = 0;
        foreach (array_column($tasks, 'task') as $i => $task) {
            $last = $task->isHot() && ! in_array($task->action->key, ['preheat', 'melt', 'toast'], true) ? $i : $last;
        }
        foreach (array_column(array_slice($tasks, $last), 'task') as $task) {
            if (in_array($task->action->key, ['cool', 'chill', 'freeze', 'rest'], true) || $tasks === []) {
                return [];
            }
        }
        $isCold = $family->cold;
        $text = ($isCold ? 'Let it cool and set: ' : 'Let it cool: ').$family->cooling.'.';
        if ($tasks === [] || preg_match('~at once|same minute|eaten warm~iu', $family->cooling) === 1) {
            return [];
        }
        $clause = new Clause($text, null, $this->reader->read($text), true);
        $action = $this->actions->get($isCold ? 'chill' : 'cool');
        $total = array_sum(array_map(static fn ($t): float => ($t->low + $t->high) / 2, $clause->step->times));
        $number = count($tasks) + 1;
        $task = $this->task(
            "$prefix$number",
            $dessert,
            $tasks[count($tasks) - 1]->task->component,
            $action,
            $clause,
            '',
            [],
        );

        $lasting = $total > 0 ? $task->lasting((int) ceil($total)) : $task;

        return [new ReadTask($lasting, $tasks[count($tasks) - 1]->component)];
    }
}
