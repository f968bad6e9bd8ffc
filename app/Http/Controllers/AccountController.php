<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Formula\PortionPlan;
use App\Support\Number;
use App\Support\Workpiece;
use App\View\AccountSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class AccountController
{
    public function __construct(private Sheet $sheet) {}

    public function show(Request $request, Workpiece $piece): Response
    {
        return $this->sheet->show($request, $piece, 'account', AccountSheet::class);
    }

    /** How many pieces are eaten at a time. */
    public function eaten(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $eaten = Number::from($request->input('eaten'));

        return in_array($eaten, PortionPlan::EATEN, true)
            ? $this->sheet->keep($request, $piece, 'account', AccountSheet::class, ['sharing' => $piece->document->sharing->with(['eaten' => $eaten])->toArray()])
            : $this->sheet->refuse($request, $piece, 'account', AccountSheet::class, ['eaten' => 'Choose one of the list.']);
    }
}
