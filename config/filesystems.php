<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // Nothing in the storage folder is ever served.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],
    ],
];
