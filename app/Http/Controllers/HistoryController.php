<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\BenchAnswer;
use App\Support\Dessert;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Steps back and forth through the changes of a dessert. */
final readonly class HistoryController
{
    private const SHEETS = ['account', 'pieces', 'scale', 'compare', 'card'];

    public function __construct(private BenchAnswer $bench) {}

    public function undo(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        return $this->back($request, $dessert->undo());
    }

    public function redo(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        return $this->back($request, $dessert->redo());
    }

    /** To the sheet that it was asked from. */
    private function back(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $sheet = (string) $request->string('sheet');

        return in_array($sheet, self::SHEETS, true)
            ? redirect($dessert->path("bench/$sheet"))
            : $this->bench->kept($request, $dessert);
    }
}
