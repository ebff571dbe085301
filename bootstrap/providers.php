<?php

declare(strict_types=1);

use App\Providers\MillServiceProvider;

return [MillServiceProvider::class];
