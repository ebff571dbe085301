<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Griddle\Exception\UnplannedSchool;
use StoneMill\Measure\Spread;
use StoneMill\School\TurnSchool;

/** How practice bakes one kind of bread: the heat, the weight it loses, and the turns of each school it knows. */
final readonly class UsualBaking
{
    /**
     * @param string $bread in words, for what is said of it
     * @param Spread $shade that cooks of it want of its faces, of the spots that touch closely
     * @param float $colouring how much sooner it colours than its composition alone tells, from what practice makes of it; see docs/model.md
     * @param array<string, StylePlan> $turnPlans by turn school
     */
    public function __construct(
        public string $bread,
        public Spread $surfaceCelsius,
        public Spread $weightLossPercent,
        public Spread $shade,
        public float $colouring,
        public array $turnPlans,
    ) {
    }

    public function knows(TurnSchool $school): bool
    {
        return isset($this->turnPlans[$school->value]);
    }

    /** @throws UnplannedSchool If this bread is not turned that way. */
    public function by(TurnSchool $school): StylePlan
    {
        return $this->turnPlans[$school->value] ?? throw UnplannedSchool::of($school, $this);
    }

    /** The schools it knows, as a limit says them. */
    public function schoolsInWords(): string
    {
        return 'one of '.implode(', ', array_keys($this->turnPlans));
    }
}
