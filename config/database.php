<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('MILL_DATABASE', storage_path('kitchen/kitchen.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // A writer waits this long in milliseconds for another one before it gives up.
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            // With WAL, a power cut loses nothing that was answered.
            'synchronous' => 'FULL',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
