<?php

declare(strict_types=1);

namespace StoneMill\Learn;

/** What one calibration found of one setting of one griddle. */
final readonly class CalibratedSetting
{
    /** A griddle differs from its calibration of another day by this, K. Planning estimate. */
    private const OTHER_DAY = 8.0;

    public float $believedDeviation;

    /**
     * @param float $celsius of the empty metal
     * @param float $deviation standard deviation of it
     * @param int $day since 1970
     */
    public function __construct(public string $griddle, public string $setting, public float $celsius, public float $deviation, public int $day)
    {
        $this->believedDeviation = hypot($deviation, self::OTHER_DAY);
    }
}
