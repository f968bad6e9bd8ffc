<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Plan\ShoppingItem;
use Aglyca\Core\Writing\PlanReport;
use App\Models\Day;
use App\Support\DayCalendar;
use App\Support\PlannedDay;
use App\View\DayPage;
use App\View\Figures;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What leaves a day: its calendar, its text, and what is to be bought for it. */
final readonly class DayPaperController
{
    private const TYPES = [
        'ics' => 'text/calendar',
        'txt' => 'text/plain',
        'json' => 'application/json',
        'csv' => 'text/csv',
    ];

    public function __construct(private Kernel $kernel) {}

    public function plan(Day $day, string $form): Response
    {
        abort_if($day->trashed(), 404);
        $planned = PlannedDay::of($day, $this->kernel);

        return $this->file(
            'baking-day',
            $form,
            match ($form) {
                'ics' => DayCalendar::of($planned, route('day.show', $day->ulid)),
                'json' => (string) json_encode(
                    PlanReport::of($planned->plan, $planned->zone()),
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                ),
                default => view('day.text', ['page' => new DayPage($planned, '')])->render(),
            },
        );
    }

    public function shopping(Day $day): View
    {
        abort_if($day->trashed(), 404);
        $planned = PlannedDay::of($day, $this->kernel, false);

        $items = $this->items($planned);

        return view('day.shopping', [
            'page' => new DayPage($planned, ''),
            'items' => $items,
            'total' => ShoppingItem::total($items),
            'currency' => $day->kitchen->currency,
        ]);
    }

    public function list(Day $day, string $form): Response
    {
        abort_if($day->trashed(), 404);
        $items = array_values(
            array_filter(
                $this->items(PlannedDay::of($day, $this->kernel, false)),
                static fn (ShoppingItem $i): bool => $i->buy > 0,
            ),
        );
        if ($form === 'txt') {
            return $this->file(
                'shopping',
                $form,
                implode("\n", array_map(static fn (ShoppingItem $i): string => "$i->name: $i->measure", $items))."\n",
            );
        }
        $out = fopen('php://memory', 'r+') ?: abort(500);
        fputcsv($out, ['food', 'needed_g', 'in_pantry_g', 'buy_g', 'packages', 'price']);
        foreach ($items as $item) {
            fputcsv($out, [
                $item->name,
                Figures::grams($item->needed),
                Figures::grams($item->there),
                Figures::grams($item->buy),
                $item->packages ?? '',
                $item->price ?? '',
            ]);
        }
        rewind($out);

        return $this->file('shopping', $form, (string) stream_get_contents($out));
    }

    /** @return list<ShoppingItem> */
    private function items(PlannedDay $planned): array
    {
        return $this->kernel->shopping($planned->conversions, $planned->day->kitchen->holdings());
    }

    private function file(string $name, string $form, string $body): Response
    {
        return response($body, 200, [
            'Content-Type' => self::TYPES[$form].'; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$name.$form\"",
        ]);
    }
}
