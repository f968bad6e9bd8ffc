<?php

declare(strict_types=1);

/* Loaded once when the web server starts: our own classes, so that no request has to look them up and link them. */

require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);
// What stands in app/Console runs something.
foreach (['core' => 'Aglyca\\Core', 'app/Http' => 'App\\Http', 'app/Models' => 'App\\Models', 'app/Rules' => 'App\\Rules', 'app/Support' => 'App\\Support', 'app/View' => 'App\\View'] as $room => $space) {
    $files = new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator("$root/$room", FilesystemIterator::SKIP_DOTS),
    );
    foreach (new RegexIterator($files, '~\.php$~') as $file) {
        $name = $space.str_replace('/', '\\', substr((string) $file, strlen("$root/$room"), -4));
        class_exists($name) || interface_exists($name) || enum_exists($name);
    }
}
