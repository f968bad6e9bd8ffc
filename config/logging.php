<?php

declare(strict_types=1);

return [
    'default' => 'single',
    'channels' => [
        'single' => [
            'driver' => 'daily',
            'path' => env('LOG_FOLDER', storage_path('logs')).'/aglyca.log',
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
            'permission' => 0600,
        ],
        // Who signed in, was refused, changed or left what: no secrets, no addresses.
        'security' => [
            'driver' => 'daily',
            'path' => env('LOG_FOLDER', storage_path('logs')).'/security.log',
            'level' => 'info',
            'days' => 90,
            'permission' => 0600,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
