<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\Corrections;
use Aglyca\Core\Reading\FoodIndex;
use App\Support\BenchAnswer;
use App\Support\CorrectionInput;
use App\Support\Dessert;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A line of the recipe: put right, left out, or left as it is by the swap. */
final readonly class LineController
{
    public function __construct(private Kernel $kernel, private BenchAnswer $bench) {}

    public function correct(
        Request $request,
        Dessert $dessert,
        string $key,
        CorrectionInput $input,
    ): Response|RedirectResponse {
        $corrections = $dessert->brief->corrections;
        if ($request->has('reset')) {
            return $this->kept($request, $dessert, $corrections->without($key));
        }
        if ($request->has('leave_out')) {
            return $this->kept($request, $dessert, $corrections->with($key, new Correction(isLeftOut: true)));
        }
        [$said, $faults] = $input->read($request);
        if ($faults->isNotEmpty()) {
            return $this->bench->refuse($request, $dessert, $faults, $key);
        }
        $said['isLeftOut'] = false;
        $correction = ($corrections->of($key) ?? new Correction)->but(...$said);
        $this->remember($dessert, $key, $said['food'] ?? null);

        return $this->kept(
            $request,
            $dessert,
            $corrections->with($key, $correction),
            $request->has('quick') ? null : $key,
        );
    }

    /** Whether the swap passes it over. */
    public function leave(Request $request, Dessert $dessert, string $key): Response|RedirectResponse
    {
        $left = $dessert->brief->wishes->left;
        $left = in_array($key, $left, true) ? array_values(array_diff($left, [$key])) : [...$left, $key];

        return $this->bench->kept($request, $dessert->keep($dessert->brief->wishing(left: $left)));
    }

    /** @param  ?string  $open  the line that stands open afterwards */
    private function kept(
        Request $request,
        Dessert $dessert,
        Corrections $corrections,
        ?string $open = null,
    ): Response|RedirectResponse {
        $kept = $dessert->keep($dessert->brief->but(corrections: $corrections));

        return $this->bench->kept($request, $kept, $open);
    }

    /** A food said for a name is taken for that name from now on, in this kitchen. */
    private function remember(Dessert $dessert, string $key, ?string $food): void
    {
        if ($dessert->recipe === null || $food === null) {
            return;
        }
        $names = $dessert->recipe->kitchen->rememberedNames();
        foreach ($this->kernel->read($dessert->brief)->lines as $line) {
            $name = FoodIndex::normal($line->name);
            if ($line->key === $key && $name !== '' && mb_strlen($name) <= 190) {
                $typed = mb_substr($line->name, 0, 190);
                $names->updateOrCreate(['name' => $name], ['food' => $food, 'typed' => $typed]);
            }
        }
    }
}
