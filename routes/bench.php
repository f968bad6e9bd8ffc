<?php

declare(strict_types=1);

/* Only while `./aglyca bench` runs: what the application's own pages are measured against. */

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

Route::get('/_bench/bare', static fn () => response('bare'));
Route::get(
    '/_bench/page',
    static fn () => view('bench-page', ['one' => DB::selectOne('select count(*) as recipes from recipes')]),
)->middleware('web');
