<?php

declare(strict_types=1);

use StoneMill\Tests\Record\FollowedOffline;

require dirname(__DIR__, 3).'/vendor/autoload.php';

file_put_contents(FollowedOffline::FILE, FollowedOffline::text());
