<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;

/** Slows down guessing: so many wrong passwords a minute for a name, a few more for an address. Right ones cost nothing. */
final readonly class SignInThrottle
{
    private const TRIES_FOR_A_NAME = 5;

    private const TRIES_FOR_AN_ADDRESS = 20;

    private const SECONDS = 60;

    public function __construct(private RateLimiter $limiter)
    {
    }

    /** @throws ThrottleRequestsException If there were too many wrong tries in the last minute. */
    public function refuseGuessing(Request $request, string $name): void
    {
        foreach ($this->limits($request, $name) as $key => $most) {
            if ($this->limiter->tooManyAttempts($key, $most)) {
                throw new ThrottleRequestsException(headers: ['Retry-After' => (string) $this->limiter->availableIn($key)]);
            }
        }
    }

    public function wrong(Request $request, string $name): void
    {
        foreach (array_keys($this->limits($request, $name)) as $key) {
            $this->limiter->hit($key, self::SECONDS);
        }
    }

    public function right(Request $request, string $name): void
    {
        $this->limiter->clear(array_keys($this->limits($request, $name))[0]);
    }

    /** @return array<string, int> */
    private function limits(Request $request, string $name): array
    {
        return [
            'sign-in-name:'.hash('sha256', mb_strtolower($name)) => self::TRIES_FOR_A_NAME,
            'sign-in-address:'.$request->ip() => self::TRIES_FOR_AN_ADDRESS,
        ];
    }
}
