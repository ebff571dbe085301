<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Bread;

/** What a griddle ten degrees off, or a disc two tenths of a millimetre off, makes of a plan whose times are kept, and of its times. */
final readonly class Sensitivity
{
    private const KELVIN = 10.0;

    private const MILLIMETRES = 0.2;

    public function __construct(private ModelTurnPlanner $planner)
    {
    }

    /** @return list<array<string, mixed>> */
    public function of(PlannedBake $baked): array
    {
        $laying = $baked->laying;
        $celsius = $laying->surfaceCelsius();
        $thin = max(0.3, $laying->thicknessMillimetres() - self::MILLIMETRES);

        return [
            $this->off($baked, 'heat', -self::KELVIN, $laying->on($laying->iron->at($celsius - self::KELVIN))),
            $this->off($baked, 'heat', self::KELVIN, $laying->on($laying->iron->at($celsius + self::KELVIN))),
            $this->off($baked, 'thickness', $thin - $laying->thicknessMillimetres(), $laying->of($this->thick($laying, $thin))),
            $this->off($baked, 'thickness', self::MILLIMETRES, $laying->of($this->thick($laying, $laying->thicknessMillimetres() + self::MILLIMETRES))),
        ];
    }

    private function thick(Laying $laying, float $millimetres): Bread
    {
        return new Bread($laying->bread->matter, $millimetres, $laying->bread->celsius);
    }

    /** @return array<string, mixed> */
    private function off(PlannedBake $baked, string $what, float $by, Laying $laying): array
    {
        $kept = (new OwnTurns(
            array_map(static fn (TurnWindow $touch): array => ['action' => $touch->action, 'seconds' => $touch->atSeconds], $baked->touches),
            0.0,
        ))->bake($laying);
        $anew = $this->planner->bake($laying);

        return [
            'what' => $what,
            'by' => round($by, 2),
            'lift_at_seconds' => round($anew->liftedAtSeconds, 1),
            'later_by_seconds' => round($anew->liftedAtSeconds - $baked->liftedAtSeconds, 1),
            'kept' => [
                'weight_loss_percent' => round(100 * $kept->work->bake->lossShare(), 2),
                'centre_celsius' => round($kept->centreBeforeLift, 1),
                'shades' => array_map(static fn (Face $face): float => round($face->shade, 3), $kept->plan()->faces),
                'words' => array_map(static fn (Face $face): string => $face->inWords(), $kept->plan()->faces),
            ],
        ];
    }
}
