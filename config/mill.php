<?php

declare(strict_types=1);

$copies = (string) env('MILL_COPIES', storage_path('backups'));

return [
    // Names, besides localhost and plain IP addresses, under which browsers may ask for this server; others are refused.
    'hosts' => array_filter(explode(',', (string) env('MILL_HOSTS', ''))),

    // Where dated copies of the kitchen go: never from where a server happens to stand, which is the folder that browsers see.
    'copies' => str_starts_with($copies, '/') ? $copies : base_path($copies),

    // The reference facts as compiled by mill:facts; empty means as they stand in core/data.
    'facts' => env('MILL_FACTS'),

    // The moment that the demo kitchen's history counts back from; empty means now. Tests fix it.
    'demo_now' => env('MILL_DEMO_NOW'),

    // The demo cook's password; the server refuses the shipped one when it is bound beyond this machine.
    'demo_password' => env('MILL_PASSWORD', 'masa-and-water'),
];
