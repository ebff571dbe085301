<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** How many touches were kept, and how; the worst of those that were not. */
final readonly class TouchesKept
{
    /**
     * @param array<string, int> $counts by how a touch was kept
     * @param array{piece: int, touch: int, off_seconds: float}|null $worst
     */
    private function __construct(public array $counts, public ?array $worst)
    {
    }

    public static function none(): self
    {
        return new self(array_fill_keys(array_map(static fn (TouchKept $kept): string => $kept->value, TouchKept::cases()), 0), null);
    }

    public function with(int $piece, int $touch, float $offSeconds, TouchKept $kept): self
    {
        $isWorse = $kept !== TouchKept::OnTime && ($this->worst === null || abs($offSeconds) > abs($this->worst['off_seconds']));

        return new self(
            [...$this->counts, $kept->value => $this->counts[$kept->value] + 1],
            $isWorse ? ['piece' => $piece, 'touch' => $touch, 'off_seconds' => $offSeconds] : $this->worst,
        );
    }
}
