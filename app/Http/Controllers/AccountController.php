<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Formula\PortionPlan;
use App\Support\Dessert;
use App\Support\Number;
use App\View\AccountSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class AccountController
{
    public function __construct(private Sheet $sheet) {}

    public function show(Request $request, Dessert $dessert): Response
    {
        return $this->sheet->show($request, $dessert, 'account', AccountSheet::class);
    }

    /** How many pieces are eaten at a time. */
    public function eaten(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $eaten = Number::from($request->input('eaten'));

        return in_array($eaten, PortionPlan::EATEN, true)
            ? $this->sheet->keep(
                $request,
                $dessert,
                'account',
                AccountSheet::class,
                $dessert->brief->but(portions: $dessert->brief->portions->but(eaten: $eaten)),
            )
            : $this->sheet->refuse($request, $dessert, 'account', AccountSheet::class, [
                'eaten' => 'Choose one of the list.',
            ]);
    }
}
