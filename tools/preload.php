<?php

declare(strict_types=1);

/* Loaded once when the web server starts: the core's classes, so that no request has to look them up and link them. */

require __DIR__.'/../vendor/autoload.php';

foreach (
    new RegexIterator(
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(__DIR__.'/../core', FilesystemIterator::SKIP_DOTS),
        ),
        '~\.php$~',
    ) as $file
) {
    $name = 'Aglyca\\Core'.str_replace('/', '\\', substr((string) $file, strlen(__DIR__.'/../core'), -4));
    class_exists($name) || interface_exists($name) || enum_exists($name);
}
