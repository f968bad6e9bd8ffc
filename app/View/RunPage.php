<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Method\NewNames;
use Aglyca\Core\Method\StepUse;
use Aglyca\Core\Method\Task;
use Aglyca\Core\Trial\Doing;
use Aglyca\Core\Trial\Remedy;
use App\Support\OpenRun;
use Illuminate\Support\Str;

/** What the Counter is told of a bake; the page does the rest by itself, also without network. */
final readonly class RunPage
{
    /** What a timer is called. */
    private const NAMES = [
        'soften' => 'Softening',
        'bake' => 'Baking',
        'chill' => 'Chilling',
        'freeze' => 'Freezing',
        'rest' => 'Resting',
        'cool' => 'Cooling',
        'griddle' => 'In the iron',
        'melt' => 'Melting',
        'boil' => 'Coming to the boil',
        'steam' => 'Steaming',
        'bloom' => 'Blooming',
        'toast' => 'Toasting',
        'microwave' => 'Microwave',
        'air-fry' => 'Air fryer',
        'simmer' => 'Simmering',
        'brown' => 'Browning',
        'fry' => 'Frying',
        'dissolve' => 'Dissolving',
    ];

    public function __construct(public OpenRun $open) {}

    public function title(): string
    {
        return $this->open->conversion->title;
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        $conversion = $this->open->conversion;

        return [
            'ulid' => $this->open->run->ulid,
            'title' => $this->title(),
            'piece' => $conversion->recipe->pieceWord(),
            'pieces' => $conversion->after->formula->pieces,
            'mixed' => round($conversion->after->formula->mass(), 1),
            'ended' => $this->open->run->bake_id !== null,
            'tasks' => array_map(
                $this->task(...),
                array_values(
                    array_filter($this->open->dish->tasks, static fn (Task $t): bool => $t->action->key !== 'store'),
                ),
            ),
            'remedies' => array_map(
                static fn (Remedy $r): array => [
                    'symptom' => $r->symptom,
                    'label' => $r->label,
                    'text' => $r->text,
                    'food' => $r->food?->key,
                    'grams' => $r->grams,
                ],
                $this->open->kernel->remedies($conversion),
            ),
            'done_when' => $conversion->family()->doneness,
            'events' => $this->open->run->eventsAfter(0),
            'count' => $this->count(),
            'probed' => $this->probe(),
        ];
    }

    /** @return array<string, string> */
    public function count(): array
    {
        $convention = $this->open->conversion->brief->convention;
        $planned = $this->open->conversion->after->net($convention);
        $account = $this->open->counted($this->open->run->doing());
        $net = $account->net($convention);
        $more = $net - $planned;

        return [
            'net' => Figures::one($net),
            'total' => Figures::one($account->piece->carbohydrate),
            'range' => Figures::range($account->low($convention), $account->high($convention)),
            'said' => abs($more) < 0.05
                    ? 'as planned'
                    : Figures::one(abs($more)).' g '.($more > 0 ? 'more' : 'less').' than planned',
            'pieces' => Figures::count($account->formula->pieces),
        ];
    }

    /** What the probe says, in words; "" where nobody measures such a bake so. */
    public function probe(): string
    {
        $doing = $this->open->run->doing();
        $said = $this->open->kernel->probe($this->open->conversion, $doing, $this->bakedHeat());
        if ($said === null || $doing->probe === []) {
            return '';
        }
        $done = 'Done at '.Figures::whole($said->done->low).' to '.Figures::whole($said->done->high).' °C in the middle. ';

        return $done.
            match (true) {
                $said->minutes === null => 'It is too early to say when.',
                $said->minutes->high < 0.5 => 'It is there.',
                default => 'There in '.
                    Figures::whole($said->minutes->low).
                    ' to '.
                    Figures::whole(ceil($said->minutes->high)).
                    ' minutes.',
            };
    }

    /** How long it was baked: of several bakes the longest of the method, which the notes are held against. */
    public function bakedMinutes(Doing $doing): ?float
    {
        $longest = null;
        foreach ($this->open->dish->tasks as $task) {
            if ($task->action->key === 'bake' && $task->typical > ($longest->typical ?? 0)) {
                $longest = $task;
            }
        }

        return $longest === null ? null : $doing->longest($longest->id);
    }

    public function bakedHeat(): ?float
    {
        $heat = null;
        foreach ($this->open->dish->tasks as $task) {
            if ($task->place === 'oven') {
                $heat = $task->heats[0] ?? $heat;
            }
        }

        return $heat === null ? null : round($heat, 1);
    }

    /** @return array<string, mixed> */
    private function task(Task $task): array
    {
        return [
            'id' => $task->id,
            'component' => $task->component,
            'action' => $task->action->key,
            'text' => $task->text,
            'until' => $task->until,
            'minutes' => $task->typical,
            'wait' => $task->isWait() && $task->typical > 0 && $task->action->key !== 'preheat',
            'heats' => $task->action->key === 'preheat',
            'hot' => $task->isHot(),
            'locks' => in_array($task->action->key, ['bake', 'chill', 'freeze', 'griddle', 'microwave', 'steam'], true),
            'name' => trim(
                (self::NAMES[$task->action->key] ?? Str::ucfirst($task->action->key)).
                    ' '.
                    Str::lower($task->component),
            ),
            'after' => array_column($task->after, 'task'),
            'uses' => array_map(
                fn (StepUse $u): array => [
                    'food' => $u->food->key,
                    'name' => Str::ucfirst(NewNames::name($u->food)),
                    'grams' => $u->grams,
                    'measure' => $this->open->kernel->catalogue->measure($u->food, $u->grams),
                    'within' => round($this->open->kernel->tolerance($this->open->conversion, $u->food, $u->grams), 1),
                ],
                $task->uses,
            ),
        ];
    }
}
