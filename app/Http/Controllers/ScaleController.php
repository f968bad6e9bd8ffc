<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Formula\BatchPlan;
use Aglyca\Core\Formula\Scaler;
use Aglyca\Core\Kernel;
use Aglyca\Core\Quantity\Pan;
use App\Support\Dessert;
use App\Support\Number;
use App\View\ScaleSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InvalidArgumentException;

/** How much of a dessert is made, and in which pan. */
final readonly class ScaleController
{
    public function __construct(private Kernel $kernel, private Sheet $sheet) {}

    public function show(Request $request, Dessert $dessert): Response
    {
        return $this->sheet->show($request, $dessert, 'scale', ScaleSheet::class);
    }

    public function scale(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $by = (string) $request->string('by');
        $recipe = $this->kernel->read($dessert->brief);
        try {
            $factor = match ($by) {
                'pieces' => Scaler::byPieces(
                    Number::from($request->input('pieces')) ?? 0.0,
                    (float) ($recipe->pieces ?? 1),
                ),
                'ingredient' => Scaler::byIngredient(
                    Number::from($request->input('have')) ?? 0.0,
                    $this->grams($recipe->lines, (string) $request->string('line')),
                ),
                default => Scaler::factor(Number::from($request->input('factor')) ?? 0.0),
            };
        } catch (InvalidArgumentException $fault) {
            return $this->sheet->refuse($request, $dessert, 'scale', ScaleSheet::class, [
                in_array($by, ['pieces', 'ingredient'], true) ? $by : 'factor' => $fault->getMessage(),
            ]);
        }

        // The pieces follow the amount again, whatever was typed before.
        return $this->sheet->keep($request, $dessert, 'scale', ScaleSheet::class, $dessert->brief->but(
            batch: $dessert->brief->batch->but(scale: $factor), portions: $dessert->brief->portions->but(pieces: null),
        ));
    }

    public function pan(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        if ($request->has('recipes')) {
            return $this->sheet->keep(
                $request,
                $dessert,
                'scale',
                ScaleSheet::class,
                $dessert->brief->but(batch: new BatchPlan($dessert->brief->batch->scale)),
            );
        }
        try {
            $own = $this->read($request, 'to');
            $recipes = $this->kernel->read($dessert->brief)->pan === null ? $this->read($request, 'from') : null;
        } catch (InvalidArgumentException $fault) {
            return $this->sheet->refuse($request, $dessert, 'scale', ScaleSheet::class, [
                'pan' => $fault->getMessage(),
            ]);
        }

        return $this->sheet->keep($request, $dessert, 'scale', ScaleSheet::class, $dessert->brief->but(
            batch: $dessert->brief->batch->but(pan: $own, recipesPan: $recipes),
        ));
    }

    private function read(Request $request, string $which): Pan
    {
        $cm = static fn (string $side): ?float => Number::from($request->input("{$which}_$side"));
        $isRound = $request->input("{$which}_shape") === 'round';
        $length =
            $cm('length') ?? throw new InvalidArgumentException('A pan is measured in cm: above 0 and up to 100.');

        $depth = $request->filled("{$which}_depth") ? $cm('depth') ?? 0.0 : null;

        return $isRound ? Pan::round($length, $depth) : Pan::rectangular($length, $cm('width') ?? $length, $depth);
    }

    /** @param  list<\Aglyca\Core\Reading\Line>  $lines */
    private function grams(array $lines, string $key): float
    {
        foreach ($lines as $line) {
            if ($line->key === $key) {
                return $line->grams->value ?? 0.0;
            }
        }

        return 0.0;
    }
}
