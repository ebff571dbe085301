<?php

declare(strict_types=1);

use Monolog\Handler\NullHandler;

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        // A file a day; older ones than this many go by themselves.
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/mill.log'), 'level' => env('LOG_LEVEL', 'warning'), 'days' => 14, 'permission' => 0600],
        'null' => ['driver' => 'monolog', 'handler' => NullHandler::class],
    ],
];
