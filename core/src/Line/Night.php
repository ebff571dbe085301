<?php

declare(strict_types=1);

namespace StoneMill\Line;

use DateTimeImmutable;
use StoneMill\School\ActionKind;

/** Stretches or cuts the long waits of a batch (steep, chill overnight) so that no hand work falls into the night. */
final class Night
{
    private const WAKES_SECONDS = 6.5 * 3600;

    private const SLEEPS_SECONDS = 22.0 * 3600;

    private const STEP_SECONDS = 900.0;

    /** A shorter wait than this cannot be moved to mend anything. */
    private const LONG_SECONDS = 3 * 3600.0;

    /**
     * Begins with the last wait, since what follows it is fixed by the serving time.
     *
     * @param array<string, array{float, float, float}> $waits least, usual and most by kind
     */
    public static function spared(Timeline $timeline, array $waits, DateTimeImmutable $serveAt): Timeline
    {
        foreach (array_reverse($waits) as $name => [$least, $usual, $most]) {
            $kind = ActionKind::from($name);
            if ($usual >= self::LONG_SECONDS && $timeline->wait($kind) !== null) {
                $timeline = self::spare($timeline, $kind, $usual, $least, $most, $serveAt);
            }
        }

        return $timeline;
    }

    private static function spare(Timeline $timeline, ActionKind $kind, float $usual, float $least, float $most, DateTimeImmutable $serveAt): Timeline
    {
        $best = null;
        for ($off = 0.0; $usual + $off <= $most || $usual - $off >= $least; $off += self::STEP_SECONDS) {
            foreach ($off > 0 ? [$off, -$off] : [0.0] as $longerBy) {
                if ($usual + $longerBy < $least || $usual + $longerBy > $most) {
                    continue;
                }
                $tried = $timeline->withWait($kind, $longerBy);
                $asleep = self::workAtNight($tried, $serveAt);
                if ($best === null || $asleep < $best[1] - 1) {
                    $best = [$tried, $asleep];
                }
                if ($asleep <= 0) {
                    return $tried;
                }
            }
        }

        return $best === null ? $timeline : $best[0];
    }

    /** Seconds of hand work between going to bed and getting up, by the clock of the serving time. */
    public static function workAtNight(Timeline $timeline, DateTimeImmutable $serveAt): float
    {
        $ready = 3600 * (int) $serveAt->format('G') + 60 * (int) $serveAt->format('i') + (int) $serveAt->format('s');
        $asleep = 0.0;
        foreach ($timeline->actions as $action) {
            if ($action->hands === null) {
                continue;
            }
            $of = fmod(fmod($ready - ($timeline->readySeconds - $action->atSeconds), 86400) + 86400, 86400);
            if ($of < self::WAKES_SECONDS || $of > self::SLEEPS_SECONDS) {
                $asleep += $action->untilSeconds - $action->atSeconds;
            }
        }

        return $asleep;
    }
}
