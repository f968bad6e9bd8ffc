<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Method\Task;
use Aglyca\Core\Plan\Night;
use Aglyca\Core\Plan\Slot;
use Aglyca\Core\Quantity\Duration;
use App\Models\Recipe;
use App\Support\PlannedDay;
use Illuminate\Support\Str;

/** What the Day shows. */
final readonly class DayPage
{
    private const WORDS = [
        'preheat' => 'heat the oven',
        'rub-in' => 'rub in',
        'shape' => 'shape',
        'turn-down' => 'turn down',
        'coat' => 'finish',
        'line' => 'line',
        'soften' => 'take out',
        'air-fry' => 'air fryer',
        'griddle' => 'iron',
        'store' => 'keep',
    ];

    public DayDrawing $drawing;

    /** @param  string  $refusal  why something could not be moved where it was put; "" where it could */
    public function __construct(public PlannedDay $planned, public string $refusal)
    {
        $this->drawing = new DayDrawing($planned);
    }

    public function path(string $what = ''): string
    {
        return '/day/'.$this->planned->day->ulid.($what === '' ? '' : "/$what");
    }

    public function isReady(): bool
    {
        return $this->planned->asked->ready !== null;
    }

    public function title(): string
    {
        $start = Night::local($this->planned->plan->start, $this->planned->zone());
        $ready = Night::local($this->planned->plan->ready, $this->planned->zone());

        return $start->format('Y-m-d') === $ready->format('Y-m-d')
            ? $ready->format('l j F')
            : $start->format('l').' and '.$ready->format('l j F');
    }

    public function desserts(): string
    {
        return implode(', ', $this->planned->recipes->map(static fn (Recipe $r): string => $r->title)->all());
    }

    public function clock(int $minute): string
    {
        return Night::local($minute, $this->planned->zone())->format('H:i');
    }

    public function date(int $minute): string
    {
        return Night::local($minute, $this->planned->zone())->format('Y-m-d');
    }

    public function weekday(int $minute): string
    {
        return Night::local($minute, $this->planned->zone())->format('l j F');
    }

    public static function minutes(int $minutes): string
    {
        $hours = intdiv($minutes, 60);

        return $hours === 0 ? "$minutes min" : $hours.' h'.($minutes % 60 === 0 ? '' : sprintf(' %02d', $minutes % 60));
    }

    /** @return "hands"|"oven"|"wait" */
    public static function kind(Task $task): string
    {
        return match (true) {
            $task->hands->isAll => 'hands',
            $task->isHot() => 'oven',
            default => 'wait',
        };
    }

    /** A word or two for a bar. */
    public static function short(Slot $slot): string
    {
        $task = $slot->job->task;
        $word = self::WORDS[$task->action->key] ?? $task->action->key;
        $first = $task->uses[0] ?? null;
        $word .= match (true) {
            $task->place === 'oven' && $task->heats !== [] => ' '.round($task->heats[0] / 5) * 5 .' °C',
            $task->isWait() && $task->typical >= 10 => ' '.self::minutes($task->typical),
            $first !== null && $task->hands->isAll => ' '.Str::lower(explode(',', $first->food->name)[0]),
            default => '',
        };

        return $word.($task->batches > 1 ? " {$slot->job->batch}/$task->batches" : '');
    }

    public static function slot(PlannedDay $planned, string $key): ?Slot
    {
        foreach ($planned->plan->slots as $slot) {
            if ($slot->job->key() === $key) {
                return $slot;
            }
        }

        return null;
    }

    /** Why it does not stand where it was put; "" where it does. */
    public static function refusal(PlannedDay $planned, Slot $now, int $from, int $asked): string
    {
        $isBack = $planned->asked->ready !== null;
        $isRefused = $isBack ? $asked > $from && $now->end < $asked : $asked < $from && $now->start > $asked;
        if (! $isRefused) {
            return '';
        }
        $text = rtrim($now->job->task->text, '.');
        foreach ($planned->plan->slots as $slot) {
            foreach ($slot->job->task->after as $link) {
                if ($isBack && $link->task === $now->job->task->id) {
                    return "“{$text}” cannot be later: “".
                        rtrim($slot->job->task->text, '.').
                        '” follows it, and all is to be ready in time. Put the hour back, or the other first.';
                }
            }
        }
        $first = $now->job->task->after[0]->task ?? null;
        foreach ($isBack ? [] : $planned->plan->tasks as $task) {
            if ($task->id === $first) {
                return "“{$text}” cannot be earlier: “".rtrim($task->text, '.').'” comes first.';
            }
        }

        return "“{$text}” stays where it is: there is no room for it there.";
    }

    /** Several desserts are made, so that each step says whose it is. */
    public function isShared(): bool
    {
        $desserts = array_map(static fn (Slot $s): string => $s->job->task->dessert, $this->planned->plan->slots);

        return count(array_unique($desserts)) > 1;
    }

    public function hasMoves(): bool
    {
        return ($this->planned->day->document['held'] ?? []) !== [];
    }

    /** @return list<array{day: string, slots: list<Slot>}> */
    public function byDay(): array
    {
        $days = [];
        foreach ($this->planned->plan->slots as $slot) {
            $days[$this->weekday($slot->start)][] = $slot;
        }

        return array_map(
            static fn (string $day, array $slots): array => ['day' => $day, 'slots' => $slots],
            array_keys($days),
            $days,
        );
    }

    public function nowMinute(): int
    {
        return intdiv(now()->getTimestamp(), 60);
    }

    /** What is to be done next, counted from now. */
    public function next(): ?Slot
    {
        foreach ($this->planned->plan->slots as $slot) {
            if ($slot->start >= $this->nowMinute() && ! $slot->job->task->hands->isNone()) {
                return $slot;
            }
        }

        return null;
    }

    public function latest(): string
    {
        return Duration::minutes($this->planned->plan->handsOn, $this->planned->plan->handsOn)->text();
    }

    public function ulidOf(Slot $slot): string
    {
        $id = (int) explode('-', $slot->job->task->id)[0];

        return $this->planned->recipes->firstWhere('id', $id)->ulid ?? '';
    }
}
