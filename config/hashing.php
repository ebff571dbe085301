<?php

declare(strict_types=1);

return [
    // Takes passwords of any length whole; what an older version hashed otherwise is hashed anew at the next sign-in.
    'driver' => 'argon2id',
    // Guessing costs so much memory (KiB) and so many passes a try; the least that OWASP's cheat sheet asks for.
    'argon' => [
        'memory' => (int) env('MILL_HASH_MEMORY', 19456),
        'time' => 2,
        'threads' => 1,
        // Hashes of an earlier kind are still checked.
        'verify' => false,
    ],
    'rehash_on_login' => true,
];
