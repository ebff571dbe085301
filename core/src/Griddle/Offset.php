<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** What one condition that is a little off makes of a plan: of its times, and of a bread whose times are kept. */
final readonly class Offset
{
    /**
     * @param string $what heat in K or thickness in mm
     * @param PlannedBake $kept the bread by the old times
     * @param PlannedBake $anew the bread by its own
     */
    public function __construct(public string $what, public float $by, public float $laterBySeconds, public PlannedBake $kept, public PlannedBake $anew)
    {
    }
}
