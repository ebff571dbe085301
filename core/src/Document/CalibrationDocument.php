<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Hearth\Calibration;
use StoneMill\Hearth\WarmUp;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Unit;

/** How hot a setting really is, its warm-up, and how even the metal is. */
final readonly class CalibrationDocument
{
    public function __construct(private Calibration $calibration)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $surface = $this->calibration->surface();

        return [
            'surface_celsius' => Figures::json(Figure::spread($surface, Unit::Celsius, ...$this->calibration->reasons())),
            'offset_celsius' => round($surface->likely - $this->calibration->believedCelsius, 1),
            'warm_up' => $this->calibration->warmUp === null ? null : [
                'final_celsius' => round($this->calibration->warmUp->finalCelsius, 1),
                'start_celsius' => round($this->calibration->warmUp->startCelsius, 1),
                'time_constant_seconds' => round($this->calibration->warmUp->timeConstantSeconds, 1),
                'deviation_celsius' => round($this->calibration->warmUp->deviationCelsius, 1),
                'curve' => $this->curve($this->calibration->warmUp),
            ],
            'preheat_seconds' => $this->calibration->preheatSeconds(),
            'uneven_celsius' => $this->calibration->spots === [] ? null : round(max($this->calibration->spots) - min($this->calibration->spots), 1),
            'words' => $this->calibration->words($surface),
        ];
    }

    /** @return list<array{seconds: float, celsius: float}> */
    private function curve(WarmUp $warmUp): array
    {
        $end = 4 * $warmUp->timeConstantSeconds;

        return array_map(
            static fn (int $step): array => ['seconds' => round($end * $step / 24, 1), 'celsius' => round($warmUp->at($end * $step / 24), 1)],
            range(0, 24),
        );
    }
}
