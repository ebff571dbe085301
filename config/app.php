<?php

declare(strict_types=1);

return [
    'name' => 'Stone Mill',
    'env' => env('APP_ENV', 'production'),
    // Never shows a stack trace unless somebody asks for it.
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8410'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'previous_keys' => [],
    'maintenance' => ['driver' => 'file'],
];
