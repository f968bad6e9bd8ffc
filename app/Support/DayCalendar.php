<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Plan\Night;
use Aglyca\Core\Plan\Slot;
use App\View\DayPage;
use App\View\StepHtml;
use Sabre\VObject\Component\VCalendar;

/** A planned day as iCalendar (RFC 5545): an event for each piece of work that needs hands, with an alarm. */
final class DayCalendar
{
    /** @param  string  $url  of the day */
    public static function of(PlannedDay $planned, string $url): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Aglyca//Day//EN', 'METHOD' => 'PUBLISH']);
        $calendar->add('X-WR-CALNAME', 'Baking: '.$planned->recipes->pluck('title')->implode(', '));
        foreach ($planned->plan->slots as $slot) {
            if (! $slot->job->task->hands->isNone()) {
                self::event($calendar, $planned, $slot, $url);
            }
        }

        return $calendar->serialize();
    }

    private static function event(VCalendar $calendar, PlannedDay $planned, Slot $slot, string $url): void
    {
        $task = $slot->job->task;
        $batch = $task->batches > 1 ? " ({$slot->job->batch} of $task->batches)" : '';
        $utc = new \DateTimeZone('UTC');
        $event = $calendar->createComponent('VEVENT', [
            // The same work keeps its name, so that sending the day again moves it; the number tells which is newer.
            'UID' => $planned->day->ulid.'-'.str_replace('#', '-', $slot->job->key()).'@aglyca.invalid',
            'SEQUENCE' => $planned->day->revision,
            'DTSTAMP' => new \DateTimeImmutable(($planned->day->updated_at ?? now())->toAtomString()),
            'SUMMARY' => ($planned->recipes->count() > 1 ? "$task->dessert: " : '').rtrim($task->text, '.').$batch,
            'DTSTART' => Night::local($slot->start, $utc),
            'DTEND' => Night::local($slot->end, $utc),
            'CATEGORIES' => $task->dessert,
            'LOCATION' => $task->place,
            'DESCRIPTION' => trim(
                $task->dessert.'. '.StepHtml::grams($task->uses).' '.DayPage::minutes($task->typical),
            ),
            'URL' => $url,
        ]);
        $event->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => '-PT5M', 'DESCRIPTION' => rtrim($task->text, '.')]);
        $calendar->add($event);
    }
}
