<?php

declare(strict_types=1);

use App\Console\DemoCommand;
use Illuminate\Support\Facades\Artisan;

Artisan::command('aglyca:demo', fn (DemoCommand $demo): int => $demo->run($this->output))->purpose('Load the demo kitchen');
