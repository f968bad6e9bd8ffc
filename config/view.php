<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    'compiled' => env('VIEW_COMPILED_PATH', storage_path('framework/views')),
    // `aglyca start` compiles the views anew, so a served page need not ask whether they changed.
    'check_cache_timestamps' => env('APP_ENV', 'production') !== 'production',
];
