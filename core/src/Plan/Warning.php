<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Measure\Unit;
use StoneMill\School\Stage;

/** Something about the plan that a cook should know before starting: a sentence with the numbers it rests on, and what would mend it. */
final readonly class Warning
{
    private function __construct(
        public string $id,
        public Stage $stage,
        public string $text,
        public float $value,
        public float $limit,
        public Unit $unit,
        public ?Mend $mend,
    ) {
    }

    public static function of(string $id, Stage $stage, string $text, float $value, float $limit, Unit $unit, ?Mend $mend = null): self
    {
        return new self($id, $stage, $text, $value, $limit, $unit, $mend);
    }
}
