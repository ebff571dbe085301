<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\BakeUnderWay;

/** What tells a cook that it is time. */
enum Sign implements Progress
{
    /** Share of its water that a face has given up when it lets go. Planning estimate, near what the model finds at the first turns of practice. */
    private const DRIED_SHARE = 0.36;

    /** A face that has been hot so long has set even where it has not dried. Planning estimate. */
    private const SETTING_SECONDS = 30.0;

    /** The middle at the first turns of practice, by the model: 86–96 °C over the thin styles. */
    private const HOLDING_CELSIUS = 88.0;

    private const COLD_CELSIUS = 20.0;

    /** The lower face has dried and lets go of the metal, and the middle is hot enough to hold: 1 once both are so. */
    case Set;

    /** The bread has grown lighter by the water it gave up. */
    case Lost;

    /** The lower face has coloured. */
    case Browned;

    /** The upper face has coloured, under the broiler. */
    case TopBrowned;

    /** The middle is hot. */
    case Done;

    public function valueOf(BakeUnderWay $bake): float
    {
        return match ($this) {
            self::Set => min(
                max(
                    (1 - $bake->below()->waterPerDry / max(1e-9, $bake->bread->matter->waterPerDry)) / self::DRIED_SHARE,
                    $bake->below()->hotSeconds / self::SETTING_SECONDS,
                ),
                ($bake->centreCelsius() - self::COLD_CELSIUS) / (self::HOLDING_CELSIUS - self::COLD_CELSIUS),
            ),
            self::Lost => $bake->lossShare(),
            self::Browned => $bake->below()->spotBrownness,
            self::TopBrowned => $bake->above()->brownness,
            self::Done => $bake->centreCelsius(),
        };
    }
}
