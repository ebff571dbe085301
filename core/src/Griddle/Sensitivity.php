<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\LaidBread;
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

    /** @return list<Offset> */
    public function offsets(): array
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

    private function thick(Laying $laying, float $millimetres): LaidBread
    {
        return new LaidBread($laying->bread->matter, $millimetres, $laying->bread->celsius);
    }

    private function off(string $what, float $by, Laying $laying): Offset
    {
        $kept = (new OwnTurns(
            array_map(static fn (TurnWindow $touch): array => ['action' => $touch->action, 'seconds' => $touch->atSeconds], $this->baked->touches),
            0.0,
        ))->bake($laying, $this->mesh);
        $anew = (new ModelTurnPlanner($this->mesh, Windows::Least))->bake($laying);

        return new Offset($what, $by, $anew->liftedAtSeconds - $this->baked->liftedAtSeconds, $kept, $anew);
    }
}
