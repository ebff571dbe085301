<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\CurrentKitchen;
use App\Problems\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Of what the house can work out at once, one person may ask for a share: however many questions a page or script sends, the
 * other cooks are answered meanwhile. A slider asks faster than it is answered, so a few may wait their turn; one more
 * is told to ask again.
 */
final class OwnShareOnly
{
    /** Of the eight workers that the house has unless told otherwise. */
    private const AT_ONCE = 2;

    private const WAITING = 3;

    private const MOST_WAIT_SECONDS = 1.5;

    private const PAUSE_MICROSECONDS = 5000;

    private const RETRY_AFTER_SECONDS = 1;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = CurrentKitchen::user($request)->id;
        $place = self::free($person, 'at-work', self::AT_ONCE) ?? self::waitedFor($person);
        if ($place === null) {
            return Problem::response(429, 'own-share', 'You ask for too much at once.', sprintf('At most %d questions are worked out for one person at a time.', self::AT_ONCE))
                ->header('Retry-After', (string) self::RETRY_AFTER_SECONDS);
        }
        try {
            return $next($request);
        } finally {
            fclose($place);
        }
    }

    /** @return resource|null */
    private static function waitedFor(int $person)
    {
        $turn = self::free($person, 'waiting', self::WAITING);
        if ($turn === null) {
            return null;
        }
        $place = null;
        for ($until = microtime(true) + self::MOST_WAIT_SECONDS; $place === null && microtime(true) < $until;) {
            usleep(self::PAUSE_MICROSECONDS);
            $place = self::free($person, 'at-work', self::AT_ONCE);
        }
        fclose($turn);

        return $place;
    }

    /** @return resource|null a lock that ends with this request, however it ends */
    private static function free(int $person, string $doing, int $most)
    {
        $folder = storage_path('framework/budget');
        is_dir($folder) || @mkdir($folder, 0700, true);
        for ($number = 1; $number <= $most; $number++) {
            $place = fopen(sprintf('%s/%d-%s-%d', $folder, $person, $doing, $number), 'c');
            if ($place !== false && flock($place, LOCK_EX | LOCK_NB)) {
                return $place;
            }
        }

        return null;
    }
}
