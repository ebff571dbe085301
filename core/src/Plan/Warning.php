<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Measure\Unit;

/** Something about the plan that a cook should know before starting: a sentence with the numbers it rests on, and what would mend it. */
final readonly class Warning
{
    private function __construct(
        public string $id,
        public string $stage,
        public string $text,
        public float $value,
        public float $limit,
        public Unit $unit,
        public ?Mend $mend,
    ) {
    }

    public static function of(string $id, string $stage, string $text, float $value, float $limit, Unit $unit, ?Mend $mend = null): self
    {
        return new self($id, $stage, $text, $value, $limit, $unit, $mend);
    }

    /** @return array{id: string, stage: string, text: string, value: float, limit: float, unit: string, mend: array{text: string, change: array<string, array<string, mixed>>}|null} */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'stage' => $this->stage, 'text' => $this->text,
            'value' => round($this->value, 4), 'limit' => round($this->limit, 4), 'unit' => $this->unit->value,
            'mend' => $this->mend?->toArray(),
        ];
    }
}
