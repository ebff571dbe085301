<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Node;
use StoneMill\Griddle\SurfaceRange;
use StoneMill\Measure\Learned;

/** One setting of a griddle's knob, and the heat that calibrations and the record say it comes to. */
final readonly class KnobSetting
{
    public const MOST = 20;

    public function __construct(public string $name, public Learned $heat)
    {
    }

    /** @return list<self> */
    public static function readAll(Node $node): array
    {
        return $node->isAbsent() ? [] : array_map(static function (Node $one): self {
            $one->object(['name', 'value', 'deviation', 'batches']);

            return new self($one->at('name')->text(60), new Learned(
                $one->at('value')->number(SurfaceRange::LEAST_CELSIUS, SurfaceRange::MOST_CELSIUS, '°C'),
                $one->at('deviation')->number(0, 200, 'K'),
                $one->at('batches')->integer(0, Learned::MOST_BATCHES),
            ));
        }, $node->items(0, self::MOST));
    }

    /** @return array{name: string, value: float, deviation: float, batches: int} as a plan request names it */
    public function toRequest(): array
    {
        return ['name' => $this->name, 'value' => round($this->heat->value, 2), 'deviation' => round($this->heat->deviation, 2), 'batches' => $this->heat->batches];
    }

    public function inWords(): string
    {
        $times = $this->heat->batches === 0 ? 'by its calibration' : sprintf('by its calibration and %d %s', $this->heat->batches, $this->heat->batches === 1 ? 'batch' : 'batches');

        return sprintf('%s comes to %.0f °C, ± %.0f degrees, %s.', $this->name, $this->heat->value, $this->heat->deviation, $times);
    }
}
