<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use DateTimeImmutable;
use ReflectionClass;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;

/** An entry of a log that begins at eleven o'clock. */
final class Entry
{
    private static int $made = 0;

    /** @param array<string, mixed> $fields */
    public static function of(EventKind $kind, float $second, array $fields = []): BatchEvent
    {
        // By their names, as a log has them.
        return (new ReflectionClass(BatchEvent::class))->newInstanceArgs(['id' => sprintf('00000000-0000-4000-8000-%012d', ++self::$made), 'kind' => $kind, 'at' => self::eleven($second), ...$fields]);
    }

    public static function eleven(float $second = 0.0): DateTimeImmutable
    {
        return LogTime::later(new DateTimeImmutable('2026-03-01T11:00:00Z'), $second);
    }
}
