<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\Corrections;
use Aglyca\Core\Reading\UnreadableRecipe;
use App\Http\Requests\ReadingRequest;
use App\Http\Requests\StepRequest;
use App\Support\BenchAnswer;
use App\Support\Dessert;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;

/** How a recipe's text was read, put right by the baker. */
final readonly class ReadingController
{
    public function __construct(private Kernel $kernel, private BenchAnswer $bench) {}

    public function row(ReadingRequest $request, Dessert $dessert, string $row): Response|RedirectResponse
    {
        return $this->keep($request, $dessert, $dessert->brief->corrections->saying($row, $request->fate()));
    }

    /** How long a step runs, and what goes in at it. */
    public function step(StepRequest $request, Dessert $dessert, string $step): Response|RedirectResponse
    {
        return $this->keep($request, $dessert, $dessert->brief->corrections->ofStep($step, $request->correction()));
    }

    public function measures(ReadingRequest $request, Dessert $dessert): Response|RedirectResponse
    {
        return $this->keep($request, $dessert, $dessert->brief->corrections->measuring($request->measures()));
    }

    /** Takes how the text is read today instead of how it was kept. */
    public function anew(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $recipe = $dessert->recipe ?? abort(404);
        $recipe->readAnew();

        return $this->bench->kept($request, Dessert::ofRecipe($recipe));
    }

    private function keep(Request $request, Dessert $dessert, Corrections $corrections): Response|RedirectResponse
    {
        $brief = $dessert->brief->but(corrections: $corrections);
        try {
            $this->kernel->read($brief);
        } catch (UnreadableRecipe $fault) {
            return $this->bench->refuse($request, $dessert, new MessageBag(['reading' => $fault->getMessage()]));
        }

        return $this->bench->kept($request, $dessert->keep($brief));
    }
}
