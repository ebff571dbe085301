<?php

declare(strict_types=1);

return [
    // The counters that slow down guessing of passwords.
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data'), 'lock_path' => storage_path('framework/cache/data')],
        // What a running server has worked out; its folder goes with it. Without one nothing is remembered.
        'memory' => ['driver' => 'file', 'path' => env('MILL_MEMORY'), 'events' => false],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'mill',
];
