<?php

declare(strict_types=1);

namespace StoneMill\Learn;

use StoneMill\Measure\Learned;
use StoneMill\Measure\LinearBelief;
use StoneMill\Measure\NormalDistribution;
use StoneMill\Measure\Observation;

/**
 * What all batches and calibrations say of how hot each griddle gets at each setting, how far it sags under bread, how readily each bread
 * colours, and what it loses.
 *
 *   reading, empty     = heat of the setting + noise
 *   reading, loaded    = heat of the setting + sag of the griddle + noise
 *   ln (brownness judged / expected) = (heat + sag − planned) / 45 K + readiness of the bread + noise
 *
 * all at once, so that a thermometer and the judged shades mend each other: what colours too pale at every heat is the bread, what is
 * pale on one griddle only is that griddle. docs/model.md, "The record".
 */
final readonly class GriddleRecord
{
    /** Brownness grows by e for so many kelvin more of metal, at the same loss: the model's own runs of the styles give 38 to 55. */
    private const COLOUR_KELVIN = 45.0;

    /** Standard deviations, planning estimates: K of a griddle about what its cook holds, K of its sag, of the logarithm of a bread's readiness. */
    private const HELD_KELVIN = 12.0;

    private const SAG_KELVIN = 10.0;

    private const READINESS = 0.35;

    /** K: one reading at one spot, empty and between bread. */
    private const EMPTY_NOISE = 6.0;

    private const LOADED_NOISE = 9.0;

    /** Of the logarithm of brownness, from batch to batch. */
    private const COLOUR_NOISE = 0.25;

    private const DRIFT_KELVIN_A_MONTH = 1.5;

    private LinearBelief $belief;

    /** @var array<string, CalibratedSetting> the newest of each setting, by griddle and setting */
    private array $newest;

    /**
     * @param list<HeatLesson> $lessons in the order in which they were learned
     * @param list<CalibratedSetting> $calibrations in the order in which they were made
     */
    public function __construct(private array $lessons, private array $calibrations)
    {
        $newest = [];
        foreach ($calibrations as $calibration) {
            $newest[self::key($calibration->griddle, $calibration->setting)] = $calibration;
        }
        $this->newest = $newest;
        $observations = [];
        foreach ($calibrations as $calibration) {
            $key = self::key($calibration->griddle, $calibration->setting);
            $observations[] = new Observation(["heat $key" => 1.0], $calibration->celsius - $newest[$key]->celsius, $calibration->deviation, $calibration->day, self::DRIFT_KELVIN_A_MONTH);
        }
        foreach ($lessons as $lesson) {
            array_push($observations, ...$this->observed($lesson));
        }
        $this->belief = new LinearBelief($observations, $this->prior(...));
    }

    /** @return list<string> settings of a griddle that were calibrated, in the order of their heat */
    public function settings(string $griddle): array
    {
        $own = array_filter($this->newest, static fn (CalibratedSetting $one): bool => $one->griddle === $griddle);
        uasort($own, static fn (CalibratedSetting $one, CalibratedSetting $other): int => $one->celsius <=> $other->celsius);

        return array_values(array_map(static fn (CalibratedSetting $one): string => $one->setting, $own));
    }

    /** °C of the empty metal at a setting. */
    public function heat(string $griddle, string $setting): ?Learned
    {
        $key = self::key($griddle, $setting);
        $calibrated = $this->newest[$key] ?? null;
        if ($calibrated === null) {
            return null;
        }
        $said = $this->belief->of(["heat $key" => 1.0]);

        return new Learned($calibrated->celsius + $said->mean, $said->deviation, $this->batches(static fn (HeatLesson $lesson): bool => $lesson->griddle === $griddle && $lesson->setting === $setting && self::tellsHeat($lesson)));
    }

    /** K by which the bare metal stands above or, below zero, under what its setting holds empty, while bread lies on it. */
    public function sag(string $griddle): ?Learned
    {
        $batches = $this->batches(static fn (HeatLesson $lesson): bool => $lesson->griddle === $griddle && $lesson->workingCelsius !== []);

        return $batches === 0 ? null : self::learned($this->belief->of(["sag $griddle" => 1.0]), $batches);
    }

    /** The logarithm of how much sooner or later a bread colours than is known of its kind. */
    public function readiness(string $style): ?Learned
    {
        $batches = $this->batches(static fn (HeatLesson $lesson): bool => $lesson->style === $style && $lesson->colourLog !== null);

        return $batches === 0 ? null : self::learned($this->belief->of(["bread $style" => 1.0]), $batches);
    }

    /** @return list<HeatLesson> of a griddle, that say something of its heat or of colours on it */
    public function of(string $griddle): array
    {
        return array_values(array_filter($this->lessons, static fn (HeatLesson $lesson): bool => $lesson->griddle === $griddle && self::tellsHeat($lesson)));
    }

    /** @return list<CalibratedSetting> of a griddle, in the order in which they were made */
    public function calibrations(string $griddle): array
    {
        return array_values(array_filter($this->calibrations, static fn (CalibratedSetting $one): bool => $one->griddle === $griddle));
    }

    /** @return list<string> griddles that something was read, judged or calibrated of */
    public function griddles(): array
    {
        return array_values(array_unique(array_filter([...array_map(static fn (HeatLesson $lesson): ?string => $lesson->griddle, $this->lessons), ...array_map(static fn (CalibratedSetting $one): string => $one->griddle, $this->calibrations)], is_string(...))));
    }

    /** @return list<string> breads that something was judged or weighed of */
    public function styles(): array
    {
        return array_values(array_unique(array_map(static fn (HeatLesson $lesson): string => $lesson->style, $this->lessons)));
    }

    /** °C that the metal must have had for the shades that were judged, with what is known of the bread; null where nobody judged. */
    public function heatByColour(HeatLesson $lesson): ?float
    {
        return $lesson->colourLog === null ? null : $lesson->plannedCelsius + self::COLOUR_KELVIN * ($lesson->colourLog - $this->belief->of(["bread {$lesson->style}" => 1.0])->mean);
    }

    private static function tellsHeat(HeatLesson $lesson): bool
    {
        return $lesson->emptyCelsius !== [] || $lesson->workingCelsius !== [] || $lesson->colourLog !== null;
    }

    /** @return list<Observation> */
    private function observed(HeatLesson $lesson): array
    {
        $key = self::key($lesson->griddle ?? 'none', $lesson->setting ?? '');
        $base = isset($this->newest[$key]) ? $this->newest[$key]->celsius : $lesson->heldCelsius;
        $griddle = $lesson->griddle ?? 'none';
        $seen = [];
        foreach ($lesson->emptyCelsius as $celsius) {
            $seen[] = new Observation(["heat $key" => 1.0], $celsius - $base, self::EMPTY_NOISE, $lesson->day, self::DRIFT_KELVIN_A_MONTH);
        }
        foreach ($lesson->workingCelsius as $celsius) {
            // Readings of one run are of one griddle on one day: together they say little more than one.
            $seen[] = new Observation(["heat $key" => 1.0, "sag $griddle" => 1.0], $celsius - $base, self::LOADED_NOISE * sqrt(count($lesson->workingCelsius)), $lesson->day, self::DRIFT_KELVIN_A_MONTH);
        }
        if ($lesson->colourLog !== null) {
            $seen[] = new Observation(
                ["heat $key" => 1 / self::COLOUR_KELVIN, "sag $griddle" => 1 / self::COLOUR_KELVIN, "bread {$lesson->style}" => 1.0],
                $lesson->colourLog - ($base - $lesson->plannedCelsius) / self::COLOUR_KELVIN,
                hypot($lesson->colourDeviation, self::COLOUR_NOISE),
                $lesson->day,
            );
        }

        return $seen;
    }

    private function prior(string $unknown): float
    {
        return match (true) {
            str_starts_with($unknown, 'sag ') => self::SAG_KELVIN,
            str_starts_with($unknown, 'bread ') => self::READINESS,
            default => isset($this->newest[substr($unknown, 5)]) ? $this->newest[substr($unknown, 5)]->believedDeviation : self::HELD_KELVIN,
        };
    }

    /** @param callable(HeatLesson): bool $counts */
    private function batches(callable $counts): int
    {
        return count(array_filter($this->lessons, $counts));
    }

    private static function learned(NormalDistribution $said, int $batches): Learned
    {
        return new Learned($said->mean, $said->deviation, $batches);
    }

    private static function key(string $griddle, string $setting): string
    {
        return "$griddle|$setting";
    }
}
