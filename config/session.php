<?php

declare(strict_types=1);

return [
    // Kept in the kitchen's database, of those who have signed in (App\Http\KeptSessions).
    'driver' => env('SESSION_DRIVER', 'kitchen'),
    // A cook stays signed in for a long day.
    'lifetime' => 60 * 16,
    'expire_on_close' => false,
    'encrypt' => false,
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
