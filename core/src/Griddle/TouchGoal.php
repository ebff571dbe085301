<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** When a touch is due: from one ripeness on it is good, at another best, after the last too late. */
final readonly class TouchGoal
{
    /** A touch is good within these shares of the way, before and after: by weight or setting, and by colour. Planning estimates. */
    private const BY_SIGN = [0.14, 0.14];

    private const BY_COLOUR = [0.3, 0.5];

    /** Of a face that sets: the middle holds a little before, and is near boiling a little after. */
    private const BY_SETTING = [0.12, 0.1];

    private function __construct(public Ripeness $ripeness, public float $early, public float $at, public float $late)
    {
    }

    /**
     * The first face lets go and the middle holds; late once the middle is near boiling.
     *
     * @param float $lean below 1 it lies a little longer, for more colour on the first face
     */
    public static function set(float $lean, float $brownness, float $colourWeight): self
    {
        return self::within(new Ripeness(Sign::Set, 1.0, $brownness, $colourWeight), max(0.9, min(1.13, $lean ** -0.5)), self::BY_SETTING);
    }

    public static function lost(float $share, float $brownness, float $colourWeight): self
    {
        return self::within(new Ripeness(Sign::Lost, $share, $brownness, $colourWeight), 1.0, self::BY_SIGN);
    }

    /** @param array{float, float} $reach */
    private static function within(Ripeness $ripeness, float $at, array $reach): self
    {
        $weight = $ripeness->colourWeight;
        [$before, $after] = array_map(static fn (float $bySign, float $byColour): float => (1 - $weight) * $bySign + $weight * $byColour, $reach, self::BY_COLOUR);

        return new self($ripeness, min(1 - $before, $at), $at, max(1 + $after, $at));
    }
}
