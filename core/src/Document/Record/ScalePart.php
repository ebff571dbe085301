<?php

declare(strict_types=1);

namespace StoneMill\Document\Record;

use StoneMill\Record\Halves;
use StoneMill\Record\PortionLog;

/** The scale counting down: what was taken, and what the next mark is. */
final readonly class ScalePart
{
    public function __construct(private PortionLog $portions)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $reading = $this->portions->reading();
        $next = $this->portions->marks()[0] ?? null;
        $mean = $this->portions->meanGrams();
        $pieces = [];
        foreach ($this->portions->pieceGrams() as $index => $grams) {
            $pieces[] = ['piece' => $index + 1, 'grams' => $grams, 'deviation_grams' => round($grams - (float) $mean, 4)];
        }

        return [
            'count' => $this->portions->count,
            'halves' => Halves::pieces($this->portions->count),
            'left' => $this->portions->left(),
            'start_grams' => $this->portions->readings[0] ?? null,
            'reading_grams' => $reading,
            'next_mark_grams' => $next,
            'marks' => $this->portions->marks(),
            'next_piece_grams' => $next === null ? null : round((float) $reading - $next, 4),
            'tolerance_share' => PortionLog::TOLERANCE_SHARE,
            'resolution_grams' => $this->portions->resolutionGrams,
            'tolerance_grams' => $mean === null ? null : $this->portions->toleranceGrams($mean),
            'pieces' => $pieces,
            'spread_percent' => $this->portions->spreadPercent(),
            'out_of_tolerance' => $this->portions->outOfTolerance(),
            'worst_deviation_grams' => $pieces === [] ? null : max(array_map(static fn (array $piece): float => abs($piece['deviation_grams']), $pieces)),
        ];
    }
}
