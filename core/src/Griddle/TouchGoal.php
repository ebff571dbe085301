<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** When a touch is due: from one value of its sign on it is good, at another best, after the last too late. */
final readonly class TouchGoal
{
    /** A touch is good within this share of the way on both sides. Planning estimate. */
    private const REACH = 0.14;

    private function __construct(public Sign $sign, public float $early, public float $at, public float $late)
    {
    }

    /**
     * The first face lets go and the middle holds; late once the middle boils.
     *
     * @param float $lean below 1 it lies a little longer, for more colour on the first face
     */
    public static function set(float $lean): self
    {
        return new self(Sign::Set, 0.88, max(0.9, min(1.13, $lean ** -0.5)), 1.15);
    }

    public static function lost(float $share): self
    {
        return new self(Sign::Lost, (1 - self::REACH) * $share, $share, (1 + self::REACH) * $share);
    }

    public static function browned(float $brownness, Sign $where = Sign::Browned): self
    {
        return new self($where, 0.7 * $brownness, $brownness, 1.5 * $brownness);
    }

    public static function done(float $celsius): self
    {
        return new self(Sign::Done, $celsius - 2, $celsius, $celsius + 2);
    }
}
