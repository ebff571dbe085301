<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Plan\BatchPlan;
use StoneMill\School\Symptom;

/**
 * Why a bread can go wrong.
 *
 * @phpstan-type CauseRow array{id: string, name: string, says: string, usual: string, when: list<string>, makes: array<string, string>, speaks_for: list<string>, speaks_against: list<string>, look: string, now: list<string>, next: list<string>}
 */
final readonly class Cause
{
    /**
     * @param list<BreadKind> $when all of which the bread must be
     * @param array<string, Makes> $makes by symptom
     * @param list<Signal> $speaksFor
     * @param list<Signal> $speaksAgainst
     * @param string $look what would show it
     * @param list<NowAct> $now the best first
     * @param list<NextChange> $next
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $says,
        public Usual $usual,
        private array $when,
        private array $makes,
        public array $speaksFor,
        public array $speaksAgainst,
        public string $look,
        public array $now,
        public array $next,
    ) {
    }

    /** @param CauseRow $row of core/data/causes.json */
    public static function ofRow(array $row): self
    {
        return new self(
            $row['id'],
            $row['name'],
            $row['says'],
            Usual::from($row['usual']),
            array_map(BreadKind::from(...), $row['when']),
            array_map(Makes::from(...), $row['makes']),
            array_map(Signal::from(...), $row['speaks_for']),
            array_map(Signal::from(...), $row['speaks_against']),
            $row['look'],
            array_map(NowAct::from(...), $row['now']),
            array_map(NextChange::from(...), $row['next']),
        );
    }

    public function canBeHadBy(BatchPlan $plan): bool
    {
        foreach ($this->when as $kind) {
            if (! $kind->fits($plan)) {
                return false;
            }
        }

        return true;
    }

    public function canMake(Symptom $symptom): bool
    {
        return isset($this->makes[$symptom->value]);
    }

    /** How likely the symptom is where this is the cause. */
    public function chanceOf(Symptom $symptom): float
    {
        return ($this->makes[$symptom->value] ?? null)?->chance() ?? Makes::OTHERWISE;
    }
}
