<?php

declare(strict_types=1);

namespace StoneMill\Griddle\Internal;

use StoneMill\Bake\Iron;
use StoneMill\Bake\Steam;

/**
 * By how much the metal moves over one round of laying, baking, lifting and the gap, for one more kelvin at its beginning or one
 * more W/m² of flame, or of heat that the place alone takes in while bread lies on it. The metal under the bread (p) and around it (b), both as differences:
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
     * @param float $patchMeanwhile what the patch is hotter by in the mean over the bake, for one kelvin more at its beginning
     * @param float $flameMeanwhile the same for one W/m² more of flame
     */
    private function __construct(public array $ofPatch, public array $ofBare, public array $ofFlame, private float $patchMeanwhile, private float $flameMeanwhile)
    {
    }

    public static function over(Iron $iron, float $bakedSeconds, float $gapSeconds): self
    {
        [$ofPatch, $patchMeanwhile] = self::round($iron, [1.0, 0.0], 0.0, 0.0, $bakedSeconds, $gapSeconds);
        [$ofBare] = self::round($iron, [0.0, 1.0], 0.0, 0.0, $bakedSeconds, $gapSeconds);
        [$ofFlame, $flameMeanwhile] = self::round($iron, [0.0, 0.0], 1.0, 0.0, $bakedSeconds, $gapSeconds);

        return new self($ofPatch, $ofBare, $ofFlame, $patchMeanwhile, $flameMeanwhile);
    }

    /** By how many kelvins the patch is hotter in the mean over a bake that begins on a patch hotter by so much, with so much more flame. */
    public function hotterMeanwhile(float $patch, float $flame): float
    {
        return $patch * $this->patchMeanwhile + $flame * $this->flameMeanwhile;
    }

    /** @return array{float, float} what patch and bare metal end with for so many W/m² that the patch alone takes in under the bread */
    public static function toTaken(float $taken, Iron $iron, float $bakedSeconds, float $gapSeconds): array
    {
        return self::round($iron, [0.0, 0.0], 0.0, $taken, $bakedSeconds, $gapSeconds)[0];
    }

    /** What the patch of a griddle at this temperature takes in under bread that boils, W/m², beyond what holds it there while it is empty. */
    public static function ofBoilingBread(float $celsius, float $roomCelsius): float
    {
        return Iron::TOP_LOSS * ($celsius - $roomCelsius) - self::TO_BREAD * ($celsius - Steam::LEAST_BOILING);
    }

    /**
     * @param array{float, float} $from patch and bare metal
     * @return array{array{float, float}, float} how they end, and the patch's mean over the bake
     */
    private static function round(Iron $iron, array $from, float $flame, float $taken, float $bakedSeconds, float $gapSeconds): array
    {
        [$patch, $bare, $mean] = self::rested($iron, $from, $flame, $taken, self::TO_BREAD, $bakedSeconds);
        [$patch, $bare] = self::rested($iron, [$patch, $bare], $flame, 0.0, Iron::TOP_LOSS, $gapSeconds);

        return [[$patch, $bare], $mean];
    }

    /**
     * Each step is implicit in its own temperature, so that a thin sheet does not overshoot.
     *
     * @param array{float, float} $from
     * @return array{float, float, float} patch, bare metal and the patch's mean
     */
    private static function rested(Iron $iron, array $from, float $flame, float $taken, float $above, float $seconds): array
    {
        [$patch, $bare] = $from;
        $ratio = $iron->coveredShare / (1 - $iron->coveredShare);
        $sum = 0.0;
        for ($left = $seconds; $left > 1e-9; $left -= self::STEP_SECONDS) {
            $step = min(self::STEP_SECONDS, $left);
            $per = $step / $iron->storedPerKelvin;
            [$patch, $bare] = [
                ($patch + $per * ($flame + $taken + ($iron->lateral - $iron->regulation) * $bare)) / (1 + $per * ($iron->lateral + Iron::UNDER_LOSS + $above)),
                ($bare + $per * ($flame + $ratio * $iron->lateral * $patch)) / (1 + $per * ($ratio * $iron->lateral + $iron->regulation + Iron::UNDER_LOSS + Iron::TOP_LOSS)),
            ];
            $sum += $step * $patch;
        }

        return [$patch, $bare, $sum / max(1e-9, $seconds)];
    }
}
