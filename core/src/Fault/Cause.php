<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Exchange\Row;
use StoneMill\Plan\BatchPlan;
use StoneMill\School\Symptom;

/** Why a bread can go wrong. */
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

    /** @param Row $row of core/data/causes.json */
    public static function ofRow(Row $row): self
    {
        return new self(
            $row->text('id'),
            $row->text('name'),
            $row->text('says'),
            $row->choice('usual', Usual::class),
            $row->choices('when', BreadKind::class),
            $row->row('makes')->allChoices(Makes::class),
            $row->choices('speaks_for', Signal::class),
            $row->choices('speaks_against', Signal::class),
            $row->text('look'),
            $row->choices('now', NowAct::class),
            $row->choices('next', NextChange::class),
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
