<?php

declare(strict_types=1);

namespace StoneMill\Line;

use Closure;
use DateTimeImmutable;
use DateTimeInterface;

/** Whether a batch fits between the moment hands are free and the serving time; where not, what would. */
final readonly class Fit
{
    private const MOST_HANDS = 4;

    private function __construct(
        public bool $fits,
        public float $missingSeconds,
        private ?DateTimeImmutable $readyAt,
        private ?int $pieces,
        private ?int $hands,
    ) {
    }

    /** @param Closure(int, int): Timeline $build of so many pieces by so many hands */
    public static function of(Timeline $timeline, DateTimeImmutable $beginAt, DateTimeImmutable $serveAt, int $pieces, int $hands, Closure $build): self
    {
        $time = (float) ($serveAt->getTimestamp() - $beginAt->getTimestamp());
        $missing = $timeline->lengthSeconds() - $time;
        if ($missing <= 0) {
            return new self(true, 0.0, null, null, null);
        }
        $fits = static fn (int $count, int $pairs): bool => $build($count, $pairs)->lengthSeconds() <= $time;
        $enough = null;
        for ($pairs = $hands + 1; $enough === null && $pairs <= self::MOST_HANDS; $pairs++) {
            $enough = $fits($pieces, $pairs) ? $pairs : null;
        }

        return new self(false, $missing, self::wholeMinute($beginAt, $timeline->lengthSeconds()), self::mostPieces($pieces, $hands, $fits), $enough);
    }

    /** Nobody serves at half past and eleven seconds. */
    private static function wholeMinute(DateTimeImmutable $from, int $seconds): DateTimeImmutable
    {
        $ready = Clock::later($from, $seconds);

        return Clock::later($ready, (60 - (int) $ready->format('s')) % 60);
    }

    /** @param Closure(int, int): bool $fits */
    private static function mostPieces(int $pieces, int $hands, Closure $fits): ?int
    {
        [$ready, $late] = [0, $pieces];
        while ($late - $ready > 1) {
            $middle = intdiv($ready + $late, 2);
            if ($fits($middle, $hands)) {
                $ready = $middle;
            } else {
                $late = $middle;
            }
        }

        return $ready > 0 ? $ready : null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'fits' => $this->fits,
            'missing_seconds' => round($this->missingSeconds),
            'nearest' => $this->fits ? null : [
                'ready_at' => $this->readyAt?->format(DateTimeInterface::RFC3339),
                'pieces' => $this->pieces,
                'hands' => $this->hands,
            ],
            'words' => $this->words(),
        ];
    }

    /** @return list<string> */
    private function words(): array
    {
        if ($this->fits || $this->readyAt === null) {
            return [];
        }

        $words = [
            sprintf('There are %d min too few.', (int) ceil($this->missingSeconds / 60)),
            sprintf('All can be ready at %s.', $this->readyAt->format('H:i')),
            $this->pieces === null ? 'Not one piece can be ready in time.' : sprintf('%d %s ready in time.', $this->pieces, $this->pieces === 1 ? 'piece is' : 'pieces are'),
        ];

        return $this->hands === null ? $words : [...$words, sprintf('With %d pairs of hands all are ready in time.', $this->hands)];
    }
}
