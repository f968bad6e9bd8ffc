<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => env('CACHE_FOLDER', storage_path('framework/cache/data')),
            'lock_path' => env('CACHE_FOLDER', storage_path('framework/cache/data')),
        ],
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'aglyca',
    'serializable_classes' => false,
];
