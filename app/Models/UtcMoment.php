<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A moment, whatever clock it was told by. The framework's own cast keeps the figures of the clock and drops its offset.
 *
 * @implements CastsAttributes<CarbonImmutable|null, DateTimeInterface|null>
 */
final class UtcMoment implements CastsAttributes
{
    private const KEPT_AS = 'Y-m-d H:i:s';

    private const SECONDS_IN_DAY = 86400;

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?CarbonImmutable
    {
        return is_string($value) ? CarbonImmutable::parse($value, 'UTC') : null;
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value instanceof DateTimeInterface ? self::kept($value) : null;
    }

    /** The day since 1970 of a moment as it is kept. */
    public static function dayOf(string $kept): int
    {
        return intdiv((new DateTimeImmutable($kept, new DateTimeZone('UTC')))->getTimestamp(), self::SECONDS_IN_DAY);
    }

    public static function kept(DateTimeInterface $moment): string
    {
        return DateTimeImmutable::createFromInterface($moment)->setTimezone(new DateTimeZone('UTC'))->format(self::KEPT_AS);
    }
}
