<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\Dessert;
use App\View\CompareSheet;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class CompareController
{
    public function __construct(private Sheet $sheet) {}

    public function show(Request $request, Dessert $dessert): Response
    {
        return $this->sheet->show($request, $dessert, 'compare', CompareSheet::class);
    }
}
