<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use PHPUnit\Framework\TestCase;

final class FollowedOfflineTest extends TestCase
{
    /** Written anew by `php core/tests/Record/write-followed.php`. */
    public function test_what_the_page_is_held_against_while_the_house_is_away_is_what_the_core_says_today(): void
    {
        self::assertSame(FollowedOffline::text(), file_get_contents(FollowedOffline::FILE));
    }
}
