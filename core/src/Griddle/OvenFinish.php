<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\School\PanStart;

/** What a bread meets after the griddle, or in place of it: how its pan was heated, and what is put on it for a second round. */
final readonly class OvenFinish
{
    /** Of toppings that hold much water, J/(kg·K). */
    private const TOPPING_HEAT = 3500.0;

    /** Hot through, as a topping is wanted. */
    private const TOPPING_CELSIUS = 75.0;

    /** Air and glow of a home oven onto a topping, W/(m²·K): 12 and about as much again. Planning estimate. */
    private const OVEN_TRANSFER = 22.0;

    /** @throws OutOfRange If more is put on than a bread carries. */
    public function __construct(public PanStart $pan = PanStart::Hob, public float $toppingKilogramPerSquareMetre = 0.0)
    {
        OutOfRange::guard('topping in kg per m²', $toppingKilogramPerSquareMetre, 0, 20);
    }

    /** Seconds of the second round, until the topping is hot: m c / h · ln((T_oven − T_room) / (T_oven − 75)). */
    public function toppedSeconds(float $ovenCelsius, float $roomCelsius): float
    {
        $most = max(self::TOPPING_CELSIUS + 20, $ovenCelsius);

        return $this->toppingKilogramPerSquareMetre * self::TOPPING_HEAT / self::OVEN_TRANSFER
            * log(($most - min($roomCelsius, self::TOPPING_CELSIUS - 10)) / ($most - self::TOPPING_CELSIUS));
    }
}
