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
     * @param array<string, StylePlan> $turnPlans by turn school, of those that practice uses for it
     * @param bool $isPoured whether it is a batter
     */
    public function __construct(
        public string $bread,
        public Spread $surfaceCelsius,
        public Spread $weightLossPercent,
        public Spread $shade,
        public float $colouring,
        public array $turnPlans,
        private bool $isPoured = false,
    ) {
    }

    /** Whether practice turns it so. */
    public function knows(TurnSchool $school): bool
    {
        return isset($this->turnPlans[$school->value]);
    }

    /** Whether it can be turned so, whether or not practice does. */
    public function allows(TurnSchool $school): bool
    {
        return $this->knows($school) || BorrowedTurns::allows($school, $this->isPoured, $this->first()[1]->referenceMillimetres);
    }

    /**
     * As practice turns it so, or as it would from how practice does.
     *
     * @throws UnplannedSchool If this bread cannot be turned that way.
     */
    public function by(TurnSchool $school): StylePlan
    {
        if (! $this->allows($school)) {
            throw UnplannedSchool::of($school, $this);
        }
        [$known, $plan] = $this->first();

        return $this->turnPlans[$school->value] ?? BorrowedTurns::from($plan, $known, $school);
    }

    /** @return list<TurnSchool> those by which it can be turned */
    public function schools(): array
    {
        return array_values(array_filter(TurnSchool::cases(), $this->allows(...)));
    }

    /** The schools by which it can be turned, as a limit says them. */
    public function schoolsInWords(): string
    {
        return 'one of '.implode(', ', array_map(static fn (TurnSchool $school): string => $school->value, $this->schools()));
    }

    /** @return array{TurnSchool, StylePlan} the school that practice uses first of all */
    private function first(): array
    {
        $name = (string) array_key_first($this->turnPlans);

        return [TurnSchool::from($name), $this->turnPlans[$name]];
    }
}
