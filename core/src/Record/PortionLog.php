<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Measure\Rounding;

/** The scale counting down: what was taken, what the next mark is. */
final readonly class PortionLog
{
    private const TOLERANCE_SHARE = 0.02;

    /** @param list<float> $readings first the full bowl, then after each piece */
    private function __construct(private array $readings, public int $count, private float $resolutionGrams)
    {
    }

    /** @param list<BatchEvent> $events that stand, in order */
    public static function after(PlannedBatch $plan, array $events): self
    {
        $readings = [];
        $count = $plan->count;
        foreach ($events as $event) {
            if ($event->kind === EventKind::ScaleSet) {
                $readings = [(float) $event->grams];
                $count = $event->pieces ?? $count;
            }
            if ($event->kind === EventKind::Corrected) {
                $count = $event->pieces ?? $count;
            }
            if ($event->kind === EventKind::Portioned) {
                $readings[] = (float) $event->grams;
            }
        }

        return new self($readings, $count, $plan->resolutionGrams);
    }

    public function isSet(): bool
    {
        return $this->readings !== [];
    }

    public function taken(): int
    {
        return max(0, count($this->readings) - 1);
    }

    public function left(): int
    {
        return $this->count - $this->taken();
    }

    public function reading(): ?float
    {
        return $this->readings === [] ? null : $this->readings[count($this->readings) - 1];
    }

    /** Weight of a piece if the dough on the scale is divided evenly, or null before it is there. */
    public function meanGrams(): ?float
    {
        return $this->readings === [] ? null : $this->readings[0] / $this->count;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $reading = $this->reading();
        $next = $reading === null || $this->left() < 1 ? null : Rounding::toStep($reading * ($this->left() - 1) / $this->left(), $this->resolutionGrams);
        $mean = $this->meanGrams();
        $pieces = [];
        foreach ($this->pieceGrams() as $index => $grams) {
            $pieces[] = ['piece' => $index + 1, 'grams' => $grams, 'deviation_grams' => round($grams - (float) $mean, 4)];
        }

        return [
            'count' => $this->count,
            'left' => $this->left(),
            'start_grams' => $this->readings[0] ?? null,
            'reading_grams' => $reading,
            'next_mark_grams' => $next,
            'next_piece_grams' => $next === null ? null : round((float) $reading - $next, 4),
            'tolerance_grams' => $mean === null ? null : max($this->resolutionGrams, Rounding::toStep(self::TOLERANCE_SHARE * $mean, $this->resolutionGrams)),
            'pieces' => $pieces,
            'worst_deviation_grams' => $pieces === [] ? null : max(array_map(static fn (array $piece): float => abs($piece['deviation_grams']), $pieces)),
        ];
    }

    /** @return list<float> */
    private function pieceGrams(): array
    {
        $pieces = [];
        for ($index = 1; $index < count($this->readings); $index++) {
            $pieces[] = round($this->readings[$index - 1] - $this->readings[$index], 4);
        }

        return $pieces;
    }
}
