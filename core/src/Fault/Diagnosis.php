<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Compare\Comparison;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\MergePatch;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\School\Symptom;

/** What may be the cause of what was seen, with what can be done now and another time. */
final readonly class Diagnosis
{
    /** More than these nobody reads with wet hands. */
    private const TOLD = 4;

    /** The first is named outright only when it is this likely, and so many times likelier than the second. */
    private const SURE_CHANCE = 0.55;

    private const SURE_TIMES = 2.0;

    private Acts $acts;

    private Changes $changes;

    /**
     * @param array<string, mixed> $request the plan request that the batch stands on
     * @param list<Suspect> $suspects the likeliest first
     * @param list<Symptom> $symptoms
     */
    public function __construct(
        private Circumstances $batch,
        private array $request,
        private array $symptoms,
        private array $suspects,
        private Planner $planner,
        private Reference $reference,
    ) {
        $this->acts = new Acts($batch);
        $this->changes = new Changes($batch);
    }

    public function isSure(): bool
    {
        $first = $this->suspects[0]->chance ?? 0.0;

        return $first >= self::SURE_CHANCE && $first >= self::SURE_TIMES * ($this->suspects[1]->chance ?? 0.0);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $told = array_slice($this->suspects, 0, self::TOLD);

        return [
            'told' => array_map(static fn (Symptom $symptom): string => $symptom->value, $this->symptoms),
            'sure' => $this->isSure(),
            'causes' => array_map($this->suspect(...), $told),
            'other_chance' => round(max(0.0, 1 - array_sum(array_map(static fn (Suspect $one): float => $one->chance, $told))), 3),
            'tell_apart' => $this->isSure() || count($told) < 2 ? null : [
                'first' => ['cause' => $told[0]->cause->id, 'look' => $told[0]->cause->look],
                'second' => ['cause' => $told[1]->cause->id, 'look' => $told[1]->cause->look],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function suspect(Suspect $one): array
    {
        return [
            'cause' => $one->cause->id,
            'name' => $one->cause->name,
            'says' => $one->cause->says,
            'chance' => round($one->chance, 3),
            'look' => $one->cause->look,
            'evidence' => array_map(static fn (Evidence $evidence): array => $evidence->toArray(), $one->evidence),
            'tried' => array_map(static fn (Tried $tried): bool => $tried->helped, $one->tried),
            'now' => array_map(static fn (Act $act): array => $act->toArray(), array_values(array_filter(array_map($this->acts->act(...), $one->cause->now)))),
            'next' => $this->next($one->cause),
        ];
    }

    /** @return array<string, mixed>|null the first change that this request can take, with both plans side by side */
    private function next(Cause $cause): ?array
    {
        foreach ($cause->next as $kind) {
            $change = $this->changes->change($kind);
            if ($change === null) {
                continue;
            }
            try {
                $after = $this->planner->plan(PlanRequest::read(MergePatch::applied($this->request, $change->patch), $this->reference));
            } catch (InvalidInput) {
                // What cannot be planned is no remedy for this bread.
                continue;
            }
            if ($after->toArray() === $this->batch->plan->toArray()) {
                continue;
            }

            return ['kind' => $change->kind->value, 'text' => $change->text, 'change' => $change->patch, 'changes' => (new Comparison($this->batch->plan, $after))->toArray()];
        }

        return null;
    }
}
