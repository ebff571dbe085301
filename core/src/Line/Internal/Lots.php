<?php

declare(strict_types=1);

namespace StoneMill\Line\Internal;

use StoneMill\Line\BatchWork;
use StoneMill\Line\Crew;
use StoneMill\Line\Effort;
use StoneMill\Line\LineSearch;

/** A dough that must not wait is made in lots small enough that each is on the griddle in time. */
final class Lots
{
    /**
     * @return non-empty-list<int> pieces in each lot, as even as can be
     */
    public static function of(BatchWork $work, Crew $crew, int $pieces): array
    {
        if ($work->keeps === null || self::keeps($work, $crew, $pieces)) {
            return [$pieces];
        }
        // More pieces are never laid sooner, so the largest lot that keeps is found by halving.
        [$fits, $tooMany] = [1, $pieces];
        while ($tooMany - $fits > 1) {
            $middle = intdiv($fits + $tooMany, 2);
            if (self::keeps($work, $crew, $middle)) {
                $fits = $middle;
            } else {
                $tooMany = $middle;
            }
        }
        $lots = (int) ceil($pieces / $fits);

        return array_map(
            static fn (int $lot): int => max(1, intdiv($pieces, $lots) + ($lot < $pieces % $lots ? 1 : 0)),
            range(0, $lots - 1),
        );
    }

    private static function keeps(BatchWork $work, Crew $crew, int $pieces): bool
    {
        return $work->pace->feel + LineSearch::best($work->piece, $crew->whenHot(), $pieces, Effort::Sketch)->lastLay() <= (float) $work->keeps;
    }
}
