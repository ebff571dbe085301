<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** What is in the oven, since when and until when; what goes in next. */
final readonly class OvenLog
{
    private function __construct(private PlannedBatch $plan, private GriddleTally $tally)
    {
    }

    public static function of(PlannedBatch $plan, GriddleTally $tally): self
    {
        return new self($plan, $tally);
    }

    public function isUsed(): bool
    {
        return $this->plan->finishRounds !== [];
    }

    public function isIn(): bool
    {
        return $this->tally->ovenSince !== null;
    }

    /** Null where the batch has none, or all rounds of all loads are over. */
    public function turn(int $loads): ?OvenTurn
    {
        $rounds = $this->plan->finishRounds;
        if ($rounds === [] || $this->tally->ovenRounds >= count($rounds) * max(1, $loads)) {
            return null;
        }
        $round = $rounds[$this->tally->ovenRounds % count($rounds)];

        return new OvenTurn($round->what, $this->tally->ovenRounds + 1, $round->seconds, $this->tally->ovenSince);
    }
}
