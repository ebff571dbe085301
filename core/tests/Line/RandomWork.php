<?php

declare(strict_types=1);

namespace StoneMill\Tests\Line;

use StoneMill\Line\Crew;
use StoneMill\Line\LineTouch;
use StoneMill\Line\PieceWork;
use StoneMill\School\TurnAction;
use StoneMill\Tests\Seeded;

/** Batches drawn at random, as tests and bench look at them. */
final class RandomWork
{
    public static function of(Seeded $seeded): PieceWork
    {
        $touches = [];
        $at = 0.0;
        $gap = $seeded->between(14, 70);
        for ($left = $seeded->int(0, 3); $left >= 0; $left--) {
            $at += $gap * $seeded->between(0.7, 1.3);
            $reach = 1 + 0.2 * $gap * $seeded->between(0, 1);
            $touches[] = new LineTouch($left === 0 ? TurnAction::Lift : TurnAction::Turn, $left === 0 ? $at : $at - $reach, $at, $at + $reach, 4.0);
        }
        $pours = $seeded->int(1, 6) === 1;
        \assert($touches !== []);

        return new PieceWork(
            $pours ? 0.0 : 8.0,
            $pours ? 0.0 : $seeded->one([14.0, 20.0, 30.0, 40.0]),
            $seeded->int(0, 1) === 1,
            $pours ? 14.0 : $seeded->one([4.0, 9.0]),
            $touches,
            $seeded->between(0, 10),
            $seeded->between(60, 600),
        );
    }

    public static function crew(Seeded $seeded): Crew
    {
        return new Crew($seeded->int(1, 4), $seeded->int(1, 9), $seeded->between(0, 120));
    }

    /** Where two things are scarce at once, each bound leaves out what the other asks for, and no order can reach either. */
    public static function isReachable(PieceWork $work, Crew $crew): bool
    {
        $paces = [
            ($work->hands - ($crew->hands === 1 ? $work->portion : 0.0)) / $crew->hands,
            ($work->stay + $work->recover) / $crew->places,
            $work->pressed ? $work->shape : 0.0,
        ];
        rsort($paces);

        return $paces[1] < 0.75 * $paces[0];
    }
}
