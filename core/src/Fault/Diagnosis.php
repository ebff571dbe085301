<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Compare\Comparison;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
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
     * @param GivenRequest $request that the batch stands on
     * @param list<Suspect> $suspects the likeliest first
     * @param list<Symptom> $symptoms
     */
    public function __construct(
        private Circumstances $batch,
        private GivenRequest $request,
        public array $symptoms,
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

    /** @return list<Suspect> as many as anybody reads with wet hands, the likeliest first */
    public function told(): array
    {
        return array_slice($this->suspects, 0, self::TOLD);
    }

    /** Chance that it is none of those that are told. */
    public function otherChance(): float
    {
        return max(0.0, 1 - array_sum(array_map(static fn (Suspect $one): float => $one->chance, $this->told())));
    }

    /** @return list<Act> what can be done about it now */
    public function now(Cause $cause): array
    {
        return array_values(array_filter(array_map($this->acts->act(...), $cause->now)));
    }

    /** The first change that this request can take, with both plans side by side; null where none changes anything. */
    public function next(Cause $cause): ?NextTime
    {
        foreach ($cause->next as $kind) {
            $change = $this->changes->change($kind);
            if ($change === null) {
                continue;
            }
            try {
                $after = $this->planner->plan($this->request->with($change->asked)->read($this->reference));
            } catch (InvalidInput) {
                // What cannot be planned is no remedy for this bread.
                continue;
            }
            if ($after->comesToTheSameAs($this->batch->plan)) {
                continue;
            }

            return new NextTime($change, new Comparison($this->batch->plan, $after));
        }

        return null;
    }
}
