<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    // A cook stays signed in for a long day.
    'lifetime' => 60 * 16,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    'cookie' => 'stone_mill',
    'path' => '/',
    'domain' => null,
    // Set when the house serves over TLS; on the loopback there is none.
    'secure' => env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
    'serialization' => 'json',
];
