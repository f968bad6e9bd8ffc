<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Aglyca\Core\Brief;
use Aglyca\Core\Method\StepUse;
use Aglyca\Core\Method\Task;
use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Side;
use Tests\Core\CoreCase;

/** Sixty invented methods, half of them with the work that a reader would write down by hand. */
final class MethodCorpusTest extends CoreCase
{
    /** @return list<array{name: string, text: string, graph: list<array{string, list<string>}>}> */
    private static function corpus(): array
    {
        $all = [];
        foreach (
            preg_split('~^# ~m', (string) file_get_contents(__DIR__.'/methods.txt'), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $block
        ) {
            [$name, $lines, $method] = explode("\n", trim($block));
            $graph = [];
            if (preg_match('~^= (.+)$~m', $block, $m) === 1) {
                foreach (explode(' | ', $m[1]) as $task) {
                    $words = explode(' ', $task);
                    $graph[] = [$words[0], array_slice($words, 1)];
                }
            }
            $all[] = [
                'name' => $name,
                'text' => "$name\nMakes 12\n\n".str_replace('; ', "\n", $lines)."\n\nMethod\n$method",
                'graph' => $graph,
            ];
        }

        return $all;
    }

    /** @return list<Task> as the recipe has them, without what is ours */
    private static function tasks(string $text, Side $side = Side::Written): array
    {
        $tasks = self::kernel()->dish(self::kernel()->convert(new Brief($text)), 1, $side)->tasks;

        return array_values(
            array_filter($tasks, static fn (Task $t): bool => $side === Side::Swapped || $t->written !== ''),
        );
    }

    /** What is written anew reads back: the same actions in the same order, with the same things in them. */
    public function test_the_rewritten_text_reads_back_to_the_same_graph(): void
    {
        [$same, $things, $placed, $differ] = [0, 0, 0, []];
        foreach (self::corpus() as ['name' => $name, 'text' => $text]) {
            $first = self::kernel()->convert(new Brief($text));
            $again = self::kernel()->convert(self::again($first->written(Side::Swapped)->text(), $first));
            $tasks = [self::kernel()->dish($first)->tasks, self::kernel()->dish($again, 1, Side::Written)->tasks];
            $actions = array_map(
                static fn (array $of): array => array_map(static fn (Task $t): string => $t->action->key, $of),
                $tasks,
            );
            $isSame = $actions[0] === $actions[1];
            $same += (int) $isSame;
            $differ = [...$differ, ...$isSame ? [] : ["$name: ".implode(' ', $actions[0]).' / '.implode(' ', $actions[1])]];
            [$was, $is] = array_map(self::placed(...), $tasks);
            $things += count($was);
            $placed += count(array_intersect($was, $is));
        }
        self::assertGreaterThanOrEqual(0.95 * count(self::corpus()), $same, implode("\n", $differ));
        self::assertGreaterThanOrEqual(0.95 * $things, $placed);
    }

    /**
     * @param  list<Task>  $tasks
     * @return list<string> "food action"
     */
    private static function placed(array $tasks): array
    {
        $placed = [];
        foreach ($tasks as $task) {
            foreach ($task->uses as $use) {
                $placed[] = "{$use->food->key} {$task->action->key}";
            }
        }

        return array_values(array_unique($placed));
    }

    public function test_actions_and_things_are_where_a_reader_puts_them(): void
    {
        [$right, $all, $placed, $things, $missed] = [0, 0, 0, 0, []];
        $known = array_values(array_filter(self::corpus(), static fn (array $c): bool => $c['graph'] !== []));
        self::assertGreaterThanOrEqual(30, count($known));
        self::assertGreaterThanOrEqual(60, count(self::corpus()));
        foreach ($known as ['name' => $name, 'text' => $text, 'graph' => $graph]) {
            $tasks = self::tasks($text);
            $actions = array_map(static fn (Task $t): string => $t->action->key, $tasks);
            $at = 0;
            foreach ($graph as [$action, $foods]) {
                $all++;
                $found = array_search($action, array_slice($actions, $at, 3), true);
                if ($found !== false) {
                    $right++;
                    $at += (int) $found;
                } else {
                    $missed[] = "$name: $action among ".implode(' ', array_slice($actions, $at, 3));
                }
                $here = array_map(static fn (StepUse $u): string => $u->food->key, $tasks[$at]->uses ?? []);
                foreach ($foods as $food) {
                    $things++;
                    in_array($food, $here, true) ? $placed++ : $missed[] = "$name: $food not at $action";
                }
                $at++;
            }
        }
        self::assertGreaterThanOrEqual(0.95 * $all, $right, "$right of $all\n".implode("\n", $missed));
        self::assertGreaterThanOrEqual(0.95 * $things, $placed, "$placed of $things\n".implode("\n", $missed));
    }

    public function test_no_heat_and_no_time_is_lost_or_invented_and_all_goes_in(): void
    {
        foreach (self::corpus() as ['name' => $name, 'text' => $text]) {
            $recipe = self::kernel()->read(new Brief($text));
            $tasks = self::tasks($text);
            $heats = array_merge(
                [],
                ...array_map(
                    static fn (Step $s): array => array_map(
                        static fn (Heat $h): float => round($h->temperature->celsius),
                        $s->heats,
                    ),
                    $recipe->steps,
                ),
            );
            self::assertEqualsCanonicalizing(
                $heats,
                array_merge([], ...array_map(static fn (Task $t): array => array_map(round(...), $t->heats), $tasks)),
                $name,
            );
            $said = implode(' ', array_map(static fn (Task $t): string => $t->text, $tasks));
            $kept = 0;
            foreach ($recipe->steps as $step) {
                foreach ($step->times as $time) {
                    self::assertStringContainsString(
                        substr($step->text, $time->at, $time->length),
                        $said,
                        "$name: no time is lost",
                    );
                    $kept +=
                        array_filter(
                            $tasks,
                            static fn (Task $t): bool => $t->high === (int) max(1, ceil($time->high)),
                        ) === []
                            ? 0
                            : 1;
                }
            }
            // A time within a time, "2 hours, stirring after 30 minutes", lasts no longer.
            self::assertGreaterThanOrEqual(
                count(array_merge([], ...array_map(static fn (Step $s): array => $s->times, $recipe->steps))) - 1,
                $kept,
                $name,
            );
            foreach (Side::cases() as $side) {
                $formula = self::kernel()->convert(new Brief($text))->account($side)->formula;
                $used = [];
                foreach (self::tasks($text, $side) as $task) {
                    foreach ($task->uses as $use) {
                        $used[$use->food->key] = ($used[$use->food->key] ?? 0.0) + $use->grams;
                    }
                }
                foreach ($formula->doses as $dose) {
                    if ($dose->food !== null && $dose->mass() > 0) {
                        self::assertEqualsWithDelta(
                            $formula->gramsOf($dose->food->key),
                            $used[$dose->food->key] ?? 0.0,
                            0.02 * $formula->gramsOf($dose->food->key) + 0.01,
                            "$name, $side->name: {$dose->food->key}",
                        );
                    }
                }
            }
        }
    }
}
