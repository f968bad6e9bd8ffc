<?php

declare(strict_types=1);

use Illuminate\Cache\ApcStore;
use Illuminate\Cache\ApcWrapper;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Routing\Redirector;
use Illuminate\Routing\ResponseFactory;
use Illuminate\Support\MessageBag;

/*
 * Loaded once when the web server starts, so that no request has to look them up and link them: our own classes, and
 * those of the framework that check and limit what somebody changes.
 */

require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);
$framework = 'vendor/laravel/framework/src/Illuminate';
$rooms = [
    // What stands in app/Console runs something.
    'core' => 'Aglyca\\Core',
    'app/Http' => 'App\\Http',
    'app/Models' => 'App\\Models',
    'app/Rules' => 'App\\Rules',
    'app/Support' => 'App\\Support',
    'app/View' => 'App\\View',
    "$framework/Cache/RateLimiting" => 'Illuminate\\Cache\\RateLimiting',
    "$framework/Translation" => 'Illuminate\\Translation',
    "$framework/Validation" => 'Illuminate\\Validation',
];
foreach ($rooms as $room => $space) {
    $files = new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator("$root/$room", FilesystemIterator::SKIP_DOTS),
    );
    foreach (new RegexIterator($files, '~\.php$~') as $file) {
        $name = $space.str_replace('/', '\\', substr((string) $file, strlen("$root/$room"), -4));
        class_exists($name) || interface_exists($name) || trait_exists($name) || enum_exists($name);
    }
}
array_map(class_exists(...), [
    ApcStore::class, ApcWrapper::class, MessageBag::class, Redirector::class, ResponseFactory::class, ThrottleRequests::class,
]);
