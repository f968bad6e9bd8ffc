<?php

declare(strict_types=1);

return [
    // "folder" sends nothing: what would be sent is shown at /mail on this machine. "smtp" sends.
    'default' => env('MAIL_MAILER', 'folder'),
    'folder' => storage_path('app/mail'),
    'mailers' => [
        'folder' => ['transport' => 'folder'],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'kitchen@aglyca.invalid'), 'name' => 'Aglyca'],
];
