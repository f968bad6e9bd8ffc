<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use App\Http\Requests\RunEventsRequest;
use App\Models\Bake;
use App\Models\Recipe;
use App\Models\Run;
use App\Support\OpenRun;
use App\View\RunPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** A bake that is going on, on one device or several. */
final readonly class RunController
{
    private const COUNTS = ['weigh', 'unweigh', 'taste', 'factor'];

    public function __construct(private Kernel $kernel) {}

    public function begin(Recipe $recipe): RedirectResponse
    {
        $open = Run::query()->where('recipe_id', $recipe->id)->whereNull('bake_id')->latest('id')->first();

        return redirect()->route('run.show', ($open ?? Run::begin($recipe))->ulid);
    }

    public function show(Run $run): View
    {
        return view('counter-run', ['page' => new RunPage(OpenRun::of($run, $this->kernel))]);
    }

    public function events(Request $request, Run $run): JsonResponse
    {
        return response()->json(['events' => $run->eventsAfter($request->integer('after'))]);
    }

    public function take(RunEventsRequest $request, Run $run): JsonResponse
    {
        $events = $request->events();
        $run->take($events);
        $answer = ['events' => $run->eventsAfter($request->integer('after'))];
        if (array_intersect(self::COUNTS, array_column($events, 'kind')) !== []) {
            $answer['count'] = (new RunPage(OpenRun::of($run, $this->kernel)))->count();
        }

        if (in_array('probe', array_column($events, 'kind'), true)) {
            $answer['probed'] = (new RunPage(OpenRun::of($run, $this->kernel)))->probe();
        }

        return response()->json($answer);
    }

    /** Closes it: what was done stands with the bake from now on. */
    public function end(Run $run): RedirectResponse
    {
        $open = OpenRun::of($run, $this->kernel);
        DB::transaction(function () use ($run, $open): void {
            $locked = Run::query()->whereKey($run->id)->lockForUpdate()->firstOrFail();
            if ($locked->bake_id !== null) {
                return;
            }
            $doing = $run->doing();
            $page = new RunPage($open);
            $bake = Bake::query()->create([
                'recipe_id' => $run->recipe_id,
                'version_id' => $run->version_id,
                'baked_on' => now($run->recipe->kitchen->zone)->toDateString(),
                'words' => '',
                'doing' => $open->record($doing),
                'pieces' => $doing->pieces === [] ? null : count($doing->pieces),
                'minutes' => $page->bakedMinutes($doing),
                'heat_c' => $page->bakedHeat(),
            ]);
            $locked->update(['bake_id' => $bake->id]);
        });

        return redirect(route('counter.show', $run->recipe->ulid).'#notes')->with(
            'said',
            'The bake is in the notebook, with what you weighed and timed. Say how it came out.',
        );
    }
}
