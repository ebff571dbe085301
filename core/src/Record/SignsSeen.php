<?php

declare(strict_types=1);

namespace StoneMill\Record;

use Closure;
use DateTimeImmutable;
use StoneMill\Griddle\TurnWindow;
use StoneMill\School\Doneness;

/**
 * What the cook saw of the pieces, and what it makes of the times of what is to come.
 */
final readonly class SignsSeen
{
    /** After *not yet* a face is looked at again after so long, or this share of the time it lay. Planning estimates. */
    private const LOOK_AGAIN_SECONDS = 4.0;

    private const LOOK_AGAIN_SHARE = 0.12;

    /** @param list<SignSeen> $signs in order */
    public function __construct(private array $signs)
    {
    }

    /** @param Closure(int): list<TurnWindow> $planned touches of a piece, none of one that was not laid */
    public function pace(Closure $planned): GriddlePace
    {
        $seen = [];
        foreach ($this->signs as $sign) {
            $touches = $planned($sign->piece);
            $lies = $touches === [] ? 0.0 : GriddlePiece::planned($touches, $sign->touch - 1);
            if ($lies > 0) {
                $seen[] = [$sign->seconds / $lies, $sign->sign];
            }
        }

        return GriddlePace::of($seen);
    }

    /**
     * @param list<SignSeen> $signs in order
     * @return SignSeen|null what was said last of the touch that comes next
     */
    public static function lastOf(array $signs, GriddlePiece $piece): ?SignSeen
    {
        $of = array_filter($signs, static fn (SignSeen $one): bool => $one->piece === $piece->piece && $one->touch === $piece->touches + 1);

        return $of === [] ? null : $of[array_key_last($of)];
    }

    /**
     * A face of which the cook said that it is not yet right is looked at again in a while, not called at once.
     *
     * @param list<array{piece: int, place: int, touch: int, from: float, at: float, to: float}> $due
     * @return list<array{piece: int, place: int, touch: int, from: float, at: float, to: float}>
     */
    public function lookedAtAgain(GriddlePiece $piece, array $due, DateTimeImmutable $now): array
    {
        $last = self::lastOf($this->signs, $piece);
        if ($last?->sign !== Doneness::NotYet || $due === []) {
            return $due;
        }
        $again = LogTime::between($now, $piece->lastTouchedAt) + $last->seconds + max(self::LOOK_AGAIN_SECONDS, self::LOOK_AGAIN_SHARE * $last->seconds);
        $later = max(0.0, $again - $due[0]['at']);

        return array_map(static fn (array $one): array => [...$one, 'from' => $one['from'] + $later, 'at' => $one['at'] + $later, 'to' => $one['to'] + $later], $due);
    }
}
