<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Bread;
use StoneMill\Bake\Mesh;

/** What a griddle ten degrees off, or a disc two tenths of a millimetre off, makes of a plan whose times are kept, and of its times. */
final readonly class Sensitivity
{
    private const KELVIN = 10.0;

    private const MILLIMETRES = 0.2;

    /** From this thickness or time on, rough runs are compared with a rough run: differences tell as well, in a tenth of the time. */
    private const ROUGH_FROM_MILLIMETRES = 5.0;

    private const ROUGH_FROM_SECONDS = 300.0;

    private PlannedBake $baked;

    private ?Mesh $mesh;

    public function __construct(PlannedBake $baked)
    {
        $thickness = $baked->laying->thicknessMillimetres();
        $this->mesh = $thickness < self::ROUGH_FROM_MILLIMETRES && $baked->liftedAtSeconds < self::ROUGH_FROM_SECONDS ? null : Mesh::rough($thickness);
        $this->baked = $this->mesh === null ? $baked : (new ModelTurnPlanner($this->mesh, Windows::Least))->bake($baked->laying);
    }

    /** @return list<array<string, mixed>> */
    public function toArray(): array
    {
        $laying = $this->baked->laying;
        $celsius = $laying->surfaceCelsius();
        $thin = max(0.3, $laying->thicknessMillimetres() - self::MILLIMETRES);

        return [
            $this->off('heat', -self::KELVIN, $laying->at($celsius - self::KELVIN)),
            $this->off('heat', self::KELVIN, $laying->at($celsius + self::KELVIN)),
            $this->off('thickness', $thin - $laying->thicknessMillimetres(), $laying->of($this->thick($laying, $thin))),
            $this->off('thickness', self::MILLIMETRES, $laying->of($this->thick($laying, $laying->thicknessMillimetres() + self::MILLIMETRES))),
        ];
    }

    private function thick(Laying $laying, float $millimetres): Bread
    {
        return new Bread($laying->bread->matter, $millimetres, $laying->bread->celsius);
    }

    /** @return array<string, mixed> */
    private function off(string $what, float $by, Laying $laying): array
    {
        $kept = (new OwnTurns(
            array_map(static fn (TurnWindow $touch): array => ['action' => $touch->action, 'seconds' => $touch->atSeconds], $this->baked->touches),
            0.0,
        ))->bake($laying, $this->mesh);
        $anew = (new ModelTurnPlanner($this->mesh, Windows::Least))->bake($laying);

        return [
            'what' => $what,
            'by' => round($by, 2),
            'lift_at_seconds' => round($anew->liftedAtSeconds, 1),
            'later_by_seconds' => round($anew->liftedAtSeconds - $this->baked->liftedAtSeconds, 1),
            'kept' => [
                'weight_loss_percent' => round(100 * $kept->work->bake->lossShare(), 2),
                'centre_celsius' => round($kept->centreBeforeLift, 1),
                'shades' => array_map(static fn (Face $face): float => round($face->shade, 3), $kept->plan()->faces),
                'words' => array_map(static fn (Face $face): string => $face->inWords(), $kept->plan()->faces),
            ],
        ];
    }
}
