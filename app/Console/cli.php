<?php

declare(strict_types=1);

/*
 * `aglyca account`, `aglyca convert` and `aglyca plan`: the core at the command line, without framework or database,
 * and
 * without Composer, so that it works on a machine where nothing was installed yet.
 */

namespace App\Console;

require __DIR__.'/../Support/Trade.php';
require __DIR__.'/PlanCommand.php';
require __DIR__.'/TrialCommand.php';
require __DIR__.'/../View/Figures.php';
require __DIR__.'/RecipeCommand.php';

spl_autoload_register(static function (string $class): void {
    if (str_starts_with($class, 'Aglyca\\Core\\')) {
        $file = __DIR__.'/../../core/'.str_replace('\\', '/', substr($class, 12)).'.php';
        if (is_file($file)) {
            require $file;
        }
    }
});

exit((new RecipeCommand(dirname(__DIR__, 2)))->run(array_slice($argv, 1)));
