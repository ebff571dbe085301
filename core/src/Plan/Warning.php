<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Measure\Unit;

/** Something about the plan that a cook should know before starting: a sentence with the numbers it rests on. */
final readonly class Warning
{
    private function __construct(
        public string $id,
        public string $stage,
        public string $text,
        public float $value,
        public float $limit,
        public Unit $unit,
    ) {
    }

    public static function of(string $id, string $stage, string $text, float $value, float $limit, Unit $unit): self
    {
        return new self($id, $stage, $text, $value, $limit, $unit);
    }

    /** @return array{id: string, stage: string, text: string, value: float, limit: float, unit: string} */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'stage' => $this->stage, 'text' => $this->text,
            'value' => round($this->value, 4), 'limit' => round($this->limit, 4), 'unit' => $this->unit->value,
        ];
    }
}
