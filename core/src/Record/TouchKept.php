<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** How a touch met its window. */
enum TouchKept: string
{
    case OnTime = 'on_time';
    case Early = 'early';
    case Late = 'late';
    /** So late that the one after it was due as well. */
    case Missed = 'missed';

    /**
     * @param float $afterOpening seconds since its window opened
     * @param float $afterClosing seconds since it closed
     * @param float $next seconds from this touch to the next
     */
    public static function of(float $afterOpening, float $afterClosing, float $next): self
    {
        return match (true) {
            // A hand's breadth of a second is nobody's fault.
            $afterOpening < -0.5 => self::Early,
            $afterClosing <= 0.5 => self::OnTime,
            $afterClosing < $next => self::Late,
            default => self::Missed,
        };
    }
}
