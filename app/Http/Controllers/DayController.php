<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Plan\Night;
use App\Http\Requests\DayRequest;
use App\Http\Requests\LateRequest;
use App\Http\Requests\MoveRequest;
use App\Http\Requests\PlacesRequest;
use App\Models\Day;
use App\Support\PlannedDay;
use App\View\DayPage;
use DateTimeImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

final readonly class DayController
{
    public function __construct(private Kernel $kernel) {}

    public function current(Request $request): RedirectResponse
    {
        $latest = $request->user()->kitchen->days()->latest('updated_at')->latest('id')->first();

        return $latest === null ? redirect()->route('day.create') : redirect()->route('day.show', $latest->ulid);
    }

    public function create(Request $request): View
    {
        $kitchen = $request->user()->kitchen;

        return view('day-new', [
            'recipes' => $kitchen->recipes()->orderByDesc('opened_at')->limit(200)->get(),
            'days' => $kitchen->days()->latest('updated_at')->limit(10)->get(),
            'zone' => $kitchen->zone,
            'today' => now($kitchen->zone),
        ]);
    }

    public function store(DayRequest $request): RedirectResponse
    {
        $kitchen = $request->user()->kitchen;
        $own = $kitchen->recipes()->whereIn('ulid', $request->validated('desserts'))->pluck('ulid')->all();
        if ($own === []) {
            return redirect()
                ->route('day.create')
                ->withInput()
                ->withErrors(['desserts' => 'Choose at least one dessert.']);
        }
        $kitchen->update(['zone' => $request->zone()->getName()]);
        $day = Day::begin($kitchen, ['desserts' => array_values($own), ...$request->moment()]);

        return redirect()->route('day.show', $day->ulid);
    }

    public function show(Day $day): View
    {
        abort_if($day->trashed(), 404);

        return view('day', ['page' => new DayPage(PlannedDay::of($day, $this->kernel), '')]);
    }

    public function when(DayRequest $request, Day $day): Response|RedirectResponse
    {
        $day->change(
            static fn (array $document): array => [...$document, ...$request->moment(), 'held' => [], 'done' => []],
        );

        return $this->answer($request, $day);
    }

    public function move(MoveRequest $request, Day $day): Response|RedirectResponse
    {
        $key = (string) $request->validated('key');
        [$from, $at] = [(int) $request->validated('from'), (int) $request->validated('at')];
        $day->change(
            static fn (array $document): array => [...$document, 'held' => [...$document['held'] ?? [], $key => $at]],
        );
        $planned = PlannedDay::of($day, $this->kernel, false);
        $slot = DayPage::slot($planned, $key);
        if ($slot === null) {
            $day->change(
                static fn (array $document): array => [
                    ...$document,
                    'held' => array_diff_key($document['held'], [$key => true]),
                ],
            );
        }
        $said =
            $slot === null
                ? 'That piece of work is not part of this day any more.'
                : DayPage::refusal($planned, $slot, $from, $at);

        return $request->hasHeader('HX-Request')
            ? response()->view('day.tray', ['page' => new DayPage($planned, $said)])
            : $this->answer($request, $day, $said);
    }

    public function forget(Request $request, Day $day): Response|RedirectResponse
    {
        $day->change(static fn (array $document): array => [...$document, 'held' => []]);

        return $this->answer($request, $day);
    }

    /** Plans the rest anew from this moment, without what is done. */
    public function late(LateRequest $request, Day $day): Response|RedirectResponse
    {
        $said = $request->validated();
        $now = Night::minutes(new DateTimeImmutable(now()->toAtomString()));
        $day->change(
            static fn (array $document): array => [
                ...$document,
                'mode' => 'from',
                'at' => $now,
                'held' => [],
                'done' => array_values(array_unique([...$document['done'] ?? [], ...$said['done'] ?? []])),
            ],
        );

        return $this->answer($request, $day);
    }

    public function places(PlacesRequest $request, Day $day): Response|RedirectResponse
    {
        $day->kitchen->update(['places' => get_object_vars($request->places())]);

        return $this->answer($request, $day);
    }

    public function remove(Day $day): RedirectResponse
    {
        $day->delete();

        return redirect()
            ->route('day.create')
            ->with('undo', ['said' => 'The plan was removed.', 'to' => "/day/$day->ulid/restore", 'label' => 'Undo']);
    }

    public function restore(Day $day): RedirectResponse
    {
        $day->restore();

        return redirect()->route('day.show', $day->ulid);
    }

    private function answer(Request $request, Day $day, string $refusal = ''): Response|RedirectResponse
    {
        if (! $request->hasHeader('HX-Request')) {
            return redirect()->route('day.show', $day->ulid)->with($refusal === '' ? [] : ['said' => $refusal]);
        }

        return response()->view('day.tray', [
            'page' => new DayPage(PlannedDay::of($day->refresh(), $this->kernel), $refusal),
        ]);
    }
}
