<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

/** What was done at a bake, told from what was ticked, weighed and timed, in the order in which it came in. */
final class Doing
{
    /** @var array<string, int> by task: when it was ticked, in milliseconds since 1970 */
    public array $done = [];

    /** @var array<string, array<string, float>> by task and food: grams that were weighed, or sprinkled in to taste */
    public array $weighed = [];

    /**
     * @var array<string, array{task: string, name: string, ends: int, started: int, stopped: ?int}> by timer;
     *     milliseconds since 1970
     */
    public array $timers = [];

    /** @var list<float> grams of each piece */
    public array $pieces = [];

    /** @var list<array{float, int}> °C, and when */
    public array $probe = [];

    public float $factor = 1.0;

    /** Grams of the whole mix, where it was weighed. */
    public ?float $mixed = null;

    /** @var list<string> remedies that were taken, in words */
    public array $remedies = [];

    public ?int $finished = null;

    /**
     * @param  list<array{kind: string, data: array<string, mixed>, at: int}>  $events
     * @return self what is no such event is passed over
     */
    public static function of(array $events): self
    {
        $doing = new self;
        foreach ($events as $event) {
            $doing->take($event['kind'], $event['data'], $event['at']);
        }

        return $doing;
    }

    /**
     * How long a timer really ran; null for one that still does.
     *
     * @param  array{ends: int, started: int, stopped: ?int}  $timer
     */
    public static function minutes(array $timer): ?float
    {
        return $timer['stopped'] === null ? null : round(($timer['stopped'] - $timer['started']) / 60_000, 1);
    }

    /** The minutes of the longest timer of a task that was stopped; null where there is none. */
    public function longest(string $task): ?float
    {
        $minutes = array_filter(
            array_map(static fn (array $t): ?float => $t['task'] === $task ? self::minutes($t) : null, $this->timers),
            static fn (?float $m): bool => $m !== null,
        );

        return $minutes === [] ? null : max($minutes);
    }

    /** @param  array<string, mixed>  $data */
    private function take(string $kind, array $data, int $at): void
    {
        $task = is_string($data['task'] ?? null) ? $data['task'] : '';
        $grams = self::number($data['grams'] ?? null, 0.0, 100_000.0);
        $timer = is_string($data['timer'] ?? null) ? $data['timer'] : '';
        $food = is_string($data['food'] ?? null) ? $data['food'] : '';
        match ($kind) {
            'tick' => $this->done[$task] = $at,
            'untick' => $this->untick($task),
            'weigh' => $grams === null ? null : $this->weighed[$task][$food] = $grams,
            'unweigh' => $this->unweigh($task, $food),
            'taste' => $grams === null
                ? null
                : ($this->weighed[$task][$food] = ($this->weighed[$task][$food] ?? 0.0) + $grams),
            'timer' => $this->start($timer, $task, $data, $at),
            'timer-ends' => isset($this->timers[$timer]) && is_int($data['ends'] ?? null)
                ? ($this->timers[$timer]['ends'] = $data['ends'])
                : null,
            'timer-stop' => isset($this->timers[$timer]) ? ($this->timers[$timer]['stopped'] = $at) : null,
            'piece' => $grams === null ? null : ($this->pieces[] = $grams),
            'unpiece' => array_pop($this->pieces),
            'mixed' => ($this->mixed = $grams),
            'factor' => ($this->factor = self::number($data['factor'] ?? null, 0.1, 20.0) ?? $this->factor),
            'probe' => isset($data['celsius']) && ($c = self::number($data['celsius'], -50.0, 400.0)) !== null
                ? ($this->probe[] = [$c, $at])
                : null,
            'remedy' => is_string($data['words'] ?? null) ? ($this->remedies[] = $data['words']) : null,
            'finish' => ($this->finished = $at),
            'resume' => ($this->finished = null),
            default => null,
        };
    }

    private function untick(string $task): void
    {
        unset($this->done[$task]);
    }

    private function unweigh(string $task, string $food): void
    {
        unset($this->weighed[$task][$food]);
    }

    /** @param  array<string, mixed>  $data */
    private function start(string $timer, string $task, array $data, int $at): void
    {
        if ($timer !== '' && is_int($data['ends'] ?? null)) {
            $name = is_string($data['name'] ?? null) ? $data['name'] : '';
            $this->timers[$timer] = [
                'task' => $task,
                'name' => $name,
                'ends' => $data['ends'],
                'started' => $at,
                'stopped' => null,
            ];
        }
    }

    private static function number(mixed $said, float $low, float $high): ?float
    {
        return (is_int($said) || is_float($said)) && $said >= $low && $said <= $high ? (float) $said : null;
    }
}
