<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Bake;
use App\Models\Box;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What is left of a bake: put into a box, and eaten piece by piece. */
final readonly class BoxController
{
    public function store(Request $request, Bake $bake): RedirectResponse
    {
        abort_if($bake->trashed(), 404);
        $said = $request->validate(
            [
                'place' => ['required', Rule::in(array_keys(Box::PLACES))],
                'pieces_left' => ['required', 'integer', 'between:1,1000'],
                'good_until' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            ],
            [
                'pieces_left.*' => 'How many pieces: a whole number.',
                'good_until.*' => 'Say the day, or nothing.',
                'place.*' => 'Choose one of the list.',
            ],
        );
        $bake->boxes()->create($said);

        return redirect("/notebook/bakes/$bake->id#boxes");
    }

    public function eat(Box $box): RedirectResponse
    {
        if ($box->pieces_left > 0) {
            $box->decrement('pieces_left');
        }

        return redirect()->back(fallback: '/notebook');
    }
}
