<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

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
}
