<?php

declare(strict_types=1);

namespace App\Console;

use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Plan\DayAsked;
use Aglyca\Core\Plan\DayPlan;
use Aglyca\Core\Plan\Night;
use Aglyca\Core\Plan\Places;
use Aglyca\Core\Quantity\Duration;
use Aglyca\Core\Quantity\Ordinal;
use Aglyca\Core\Reading\Format\RecipeFile;
use Aglyca\Core\Side;
use Aglyca\Core\Writing\PlanReport;
use DateTimeImmutable;
use DateTimeZone;
use Exception;
use InvalidArgumentException;

/** Plans the baking of one or several recipes from files. */
final readonly class PlanCommand
{
    private const NUMBERS = ['--sheets' => 'sheets', '--per-sheet' => 'perSheet', '--bakers' => 'bakers'];

    /**
     * @param  list<string>  $words
     * @param  callable(string): string  $text  of a file
     * @param  callable(array<string, mixed>): string  $json
     *
     * @throws InvalidArgumentException
     */
    public function run(Kernel $kernel, array $words, callable $text, callable $json): string
    {
        [$isJson, $side, $ready, $from, $places, $files] = [false, Side::Swapped, null, null, new Places, []];
        while (($word = array_shift($words)) !== null) {
            [$name, $value] = [...explode('=', $word, 2), null];
            if ($word === '--json') {
                $isJson = true;
            } elseif ($word === '--written') {
                $side = Side::Written;
            } elseif (isset(self::NUMBERS[$name])) {
                $value ??= array_shift($words) ?? '';
                $places = $places->but(
                    ...[
                        self::NUMBERS[$name] => ctype_digit($value) && strlen($value) < 4
                                ? (int) $value
                                : throw new InvalidArgumentException("$name wants a whole number, not “{$value}”."),
                    ],
                );
            } elseif ($name === '--ready' || $name === '--from') {
                $moment = $this->moment($name, $value ?? array_shift($words) ?? '');
                [$ready, $from] = $name === '--ready' ? [$moment, $from] : [$ready, $moment];
            } elseif ($word !== '-' && str_starts_with($word, '-')) {
                throw new InvalidArgumentException("There is no option “{$word}”.");
            } else {
                $files[] = $word;
            }
        }
        if ($files === []) {
            throw new InvalidArgumentException('Name at least one file with a recipe.');
        }
        if ($ready !== null && $from !== null) {
            throw new InvalidArgumentException('Say --ready or --from, not both.');
        }
        $from ??= $ready === null ? new DateTimeImmutable : null;
        $zone = ($ready ?? $from ?? new DateTimeImmutable)->getTimezone();
        $dishes = [];
        foreach ($files as $n => $file) {
            $dishes[] = $kernel->dish($kernel->convert(new Brief(RecipeFile::text($text($file)))),
                Ordinal::after($n), $side);
        }
        $minutes = static fn (?DateTimeImmutable $m): ?int => $m === null ? null : Night::minutes($m);
        $plan = $kernel->day($dishes, new DayAsked($minutes($ready), $minutes($from), $places, $zone));

        return $isJson ? $json(PlanReport::of($plan, $zone)) : $this->tell($plan, $zone);
    }

    private function moment(string $option, string $said): DateTimeImmutable
    {
        try {
            if (preg_match('~^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2})?(\.\d+)?(Z|[+-]\d{2}:?\d{2})?$~', $said) === 1) {
                return new DateTimeImmutable($said);
            }
        } catch (Exception) {
        }
        throw new InvalidArgumentException("$option wants a moment such as 2026-12-24T16:00, not “{$said}”.");
    }

    private function tell(DayPlan $plan, DateTimeZone $zone): string
    {
        $out = '';
        $day = '';
        foreach ($plan->slots as $slot) {
            $start = Night::local($slot->start, $zone);
            if ($start->format('Y-m-d') !== $day) {
                $day = $start->format('Y-m-d');
                $out .= $start->format("l j F\n");
            }
            $task = $slot->job->task;
            $batch = $task->batches > 1 ? " (batch {$slot->job->batch} of $task->batches)" : '';
            $out .= sprintf(
                "%s to %s  %-9s %s%s\n",
                $start->format('H:i'),
                Night::local($slot->end, $zone)->format('H:i'),
                $task->place,
                $task->text,
                $batch,
            );
        }
        $out .= sprintf(
            "\nFrom %s to %s, %s of work.\n",
            Night::local($plan->start, $zone)->format('D H:i'),
            Night::local($plan->ready, $zone)->format('D H:i'),
            Duration::minutes($plan->handsOn, $plan->handsOn)->text(),
        );
        foreach ($plan->advice as $sentence) {
            $out .= "* $sentence\n";
        }

        return $out;
    }
}
