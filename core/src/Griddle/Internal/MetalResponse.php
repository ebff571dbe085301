<?php

declare(strict_types=1);

namespace StoneMill\Griddle\Internal;

use StoneMill\Bake\Iron;

/**
 * By how much the metal moves over one round of laying, baking, lifting and the gap, for one more kelvin at its beginning or one
 * more W/m² of flame. The metal under the bread (p) and around it (b), both as differences:
 *
 *   C p' = e − r b + λ (b − p) − (U + G) p        C b' = e − r b − ρ λ (b − p) − (U + T) b
 *
 * with the flame e, its regulation r, conduction λ, covered to bare area ρ, losses below U and above T; G goes to the bread, and T
 * takes its place in the gap. It only says which way to look: what is found is found by baking.
 */
final readonly class MetalResponse
{
    /** W/(m²·K) from metal to bread, about: its contact and its first wet layer. */
    private const TO_BREAD = 120.0;

    private const STEP_SECONDS = 1.0;

    /**
     * @param array{float, float} $ofPatch what patch and bare metal end with for one kelvin more of the patch
     * @param array{float, float} $ofBare for one kelvin more of the bare metal
     * @param array{float, float} $ofFlame for one W/m² more
     */
    private function __construct(public array $ofPatch, public array $ofBare, public array $ofFlame)
    {
    }

    public static function over(Iron $iron, float $bakedSeconds, float $gapSeconds): self
    {
        $run = static fn (float $patch, float $bare, float $flame): array => self::rested($iron, self::rested($iron, [$patch, $bare], $flame, self::TO_BREAD, $bakedSeconds), $flame, Iron::TOP_LOSS, $gapSeconds);

        return new self($run(1.0, 0.0, 0.0), $run(0.0, 1.0, 0.0), $run(0.0, 0.0, 1.0));
    }

    /**
     * Each step is implicit in its own temperature, so that a thin sheet does not overshoot.
     *
     * @param array{float, float} $from
     * @return array{float, float}
     */
    private static function rested(Iron $iron, array $from, float $flame, float $above, float $seconds): array
    {
        [$patch, $bare] = $from;
        $ratio = $iron->coveredShare / (1 - $iron->coveredShare);
        for ($left = $seconds; $left > 1e-9; $left -= self::STEP_SECONDS) {
            $per = min(self::STEP_SECONDS, $left) / $iron->storedPerKelvin;
            [$patch, $bare] = [
                ($patch + $per * ($flame + ($iron->lateral - $iron->regulation) * $bare)) / (1 + $per * ($iron->lateral + Iron::UNDER_LOSS + $above)),
                ($bare + $per * ($flame + $ratio * $iron->lateral * $patch)) / (1 + $per * ($ratio * $iron->lateral + $iron->regulation + Iron::UNDER_LOSS + Iron::TOP_LOSS)),
            ];
        }

        return [$patch, $bare];
    }
}
