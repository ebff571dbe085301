<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\School\TurnAction;

/** What practice says of turning one style by one school, at a reference heat and thickness. */
final readonly class StylePlan
{
    /**
     * @param list<array{action: TurnAction, seconds: float}> $turns
     * @param int $finishSeconds in the oven or under the broiler after the griddle
     */
    public function __construct(
        public float $referenceCelsius,
        public float $referenceMillimetres,
        public array $turns,
        public float $liftSeconds,
        public int $finishSeconds = 0,
    ) {
    }

    /** @return list<float> at each touch, the share of its whole time on the metal that the face below has lain by then */
    public function contactShares(): array
    {
        $lain = [0.0, 0.0];
        $before = 0.0;
        $sofar = [];
        foreach ([...array_column($this->turns, 'seconds'), $this->liftSeconds] as $index => $seconds) {
            $lain[$index % 2] += $seconds - $before;
            $sofar[] = $lain[$index % 2];
            $before = $seconds;
        }

        return array_map(static fn (float $seconds, int $index): float => $seconds / $lain[$index % 2], $sofar, array_keys($sofar));
    }

    /** The same way of turning with so many turns, evenly spread: for a bread that is turned all the time. */
    public function withTurns(int $count): self
    {
        $turns = array_map(
            fn (int $turn): array => ['action' => TurnAction::Turn, 'seconds' => $this->liftSeconds * $turn / ($count + 1)],
            range(1, max(1, $count)),
        );

        return new self($this->referenceCelsius, $this->referenceMillimetres, $turns, $this->liftSeconds, $this->finishSeconds);
    }
}
