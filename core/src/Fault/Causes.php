<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Exchange\Facts;
use StoneMill\Exchange\Row;
use StoneMill\Plan\BatchPlan;
use StoneMill\School\Symptom;

/** The causes that ship, read from the rows of core/data/causes.json. */
final class Causes
{
    private static ?self $shipped = null;

    /** @param array<string, Cause> $all by id */
    private function __construct(private readonly array $all)
    {
    }

    /** Read once a run. */
    public static function shipped(): self
    {
        return self::$shipped ??= self::read(Facts::of('causes')->rows('causes'));
    }

    /** @param list<Row> $rows */
    private static function read(array $rows): self
    {
        $causes = array_map(Cause::ofRow(...), $rows);

        return new self(array_combine(array_map(static fn (Cause $cause): string => $cause->id, $causes), $causes));
    }

    /** @return list<Cause> */
    public function all(): array
    {
        return array_values($this->all);
    }

    public function named(string $id): ?Cause
    {
        return $this->all[$id] ?? null;
    }

    /**
     * Those that a bread can have and that make at least one of the symptoms.
     *
     * @param non-empty-list<Symptom> $symptoms
     * @return list<Cause>
     */
    public function of(array $symptoms, BatchPlan $plan): array
    {
        return array_values(array_filter($this->all, static fn (Cause $cause): bool => $cause->canBeHadBy($plan)
            && array_filter($symptoms, $cause->canMake(...)) !== []));
    }

    /** Whether the bread can have the symptom at all. */
    public function knows(Symptom $symptom, BatchPlan $plan): bool
    {
        return $this->of([$symptom], $plan) !== [];
    }
}
