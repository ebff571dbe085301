<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\BakeUnderWay;
use StoneMill\Bake\Colour;
use StoneMill\School\TurnAction;

/** How a bread stood when it was touched. */
final readonly class TouchState
{
    private function __construct(
        public TurnAction $action,
        public float $seconds,
        public float $setShare,
        public float $shadeBelow,
        public float $centreCelsius,
        public float $lossShare,
        public bool $couldPuff,
    ) {
    }

    public static function of(TurnAction $action, BakeUnderWay $bake, bool $couldPuff): self
    {
        return new self(
            $action,
            $bake->secondsOn(),
            Sign::Set->valueOf($bake),
            Colour::shade($bake->below()->spotBrownness),
            $bake->centreCelsius(),
            $bake->lossShare(),
            $couldPuff,
        );
    }
}
