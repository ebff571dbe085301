<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/** The run at one time. */
final readonly class Snapshot
{
    /** @param list<float> $profile °C from the face laid first to the other */
    private function __construct(
        public float $seconds,
        public array $profile,
        public float $firstFaceCelsius,
        public float $otherFaceCelsius,
        public float $centreCelsius,
        public float $metalCelsius,
        public float $lossShare,
        public bool $atTouch,
    ) {
    }

    public static function of(BakeUnderWay $bake, bool $atTouch): self
    {
        [$first, $other] = $bake->faces();

        return new self($bake->secondsOn(), $bake->profile(), $first->celsius, $other->celsius, $bake->centreCelsius(), $bake->metalCelsius(), $bake->lossShare(), $atTouch);
    }
}
