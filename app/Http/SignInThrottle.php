<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;

/**
 * Slows down guessing, without letting a stranger lock a cook out: a device on which a cook has signed in before is counted by
 * itself, whatever others try. Everybody else is counted by name and address, by address, and by name over an hour.
 * Right passwords cost nothing.
 */
final readonly class SignInThrottle
{
    private const COOKIE = 'stone_mill_device';

    private const REMEMBERED_MINUTES = 365 * 24 * 60;

    private const TRIES_A_MINUTE = 5;

    private const TRIES_A_MINUTE_FOR_AN_ADDRESS = 20;

    /** On devices that nobody knows, together. */
    private const TRIES_AN_HOUR_FOR_A_NAME = 100;

    private const MINUTE = 60;

    private const HOUR = 3600;

    public function __construct(private RateLimiter $limiter)
    {
    }

    /** @throws ThrottleRequestsException If there were too many wrong tries. */
    public function refuseGuessing(Request $request, string $name): void
    {
        foreach ($this->limits($request, $name) as $key => [$most]) {
            if ($this->limiter->tooManyAttempts($key, $most)) {
                throw new ThrottleRequestsException(headers: ['Retry-After' => (string) $this->limiter->availableIn($key)]);
            }
        }
    }

    public function wrong(Request $request, string $name): void
    {
        foreach ($this->limits($request, $name) as $key => [, $seconds]) {
            $this->limiter->hit($key, $seconds);
        }
    }

    /** From now on this device is one that this cook has signed in on. */
    public function right(Request $request, string $name): void
    {
        $this->limiter->clear(array_key_first($this->limits($request, $name)));
        Cookie::queue(Cookie::make(self::COOKIE, self::named($name).'.'.bin2hex(random_bytes(12)), self::REMEMBERED_MINUTES, httpOnly: true, sameSite: 'strict'));
    }

    /** @return non-empty-array<string, array{int, int}> most tries in so many seconds */
    private function limits(Request $request, string $name): array
    {
        $device = $request->cookie(self::COOKIE);
        if (is_string($device) && str_starts_with($device, self::named($name).'.')) {
            return ['sign-in-device:'.hash('sha256', $device) => [self::TRIES_A_MINUTE, self::MINUTE]];
        }

        return [
            'sign-in:'.self::named($name).':'.$request->ip() => [self::TRIES_A_MINUTE, self::MINUTE],
            'sign-in-address:'.$request->ip() => [self::TRIES_A_MINUTE_FOR_AN_ADDRESS, self::MINUTE],
            'sign-in-name:'.self::named($name) => [self::TRIES_AN_HOUR_FOR_A_NAME, self::HOUR],
        ];
    }

    private static function named(string $name): string
    {
        return hash('sha256', mb_strtolower($name));
    }
}
