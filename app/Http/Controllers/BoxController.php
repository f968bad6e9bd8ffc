<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BoxRequest;
use App\Models\Bake;
use App\Models\Box;
use Illuminate\Http\RedirectResponse;

/** What is left of a bake: put into a box, and eaten piece by piece. */
final readonly class BoxController
{
    public function store(BoxRequest $request, Bake $bake): RedirectResponse
    {
        abort_if($bake->trashed(), 404);
        $said = $request->validated();
        $bake->boxes()->create($said);

        return redirect(route('bake.show', $bake).'#boxes');
    }

    public function eat(Box $box): RedirectResponse
    {
        if ($box->pieces_left > 0) {
            $box->decrement('pieces_left');
        }

        return redirect()->back(fallback: '/notebook');
    }
}
