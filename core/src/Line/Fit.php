<?php

declare(strict_types=1);

namespace StoneMill\Line;

use Closure;
use DateTimeImmutable;

/** Whether a batch fits between the moment hands are free and the serving time; where not, what would. */
final readonly class Fit
{
    private const MOST_HANDS = 4;

    private function __construct(
        public bool $fits,
        public float $missingSeconds,
        public ?DateTimeImmutable $readyAt,
        public ?int $pieces,
        public ?int $hands,
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
        $enough = null;
        for ($pairs = $hands + 1; $enough === null && $pairs <= self::MOST_HANDS; $pairs++) {
            $enough = $build($pieces, $pairs)->lengthSeconds() <= $time ? $pairs : null;
        }
        $length = static fn (int $count): int => $build($count, $hands)->lengthSeconds();

        return new self(false, $missing, self::wholeMinute($beginAt, $timeline->lengthSeconds()), self::mostPieces($pieces, $timeline->lengthSeconds(), $time, $length), $enough);
    }

    /** Nobody serves at half past and eleven seconds. */
    private static function wholeMinute(DateTimeImmutable $from, int $seconds): DateTimeImmutable
    {
        $ready = Clock::later($from, $seconds);

        return Clock::later($ready, (60 - (int) $ready->format('s')) % 60);
    }

    /**
     * The most pieces that are ready in time. The length grows by a like amount with every piece, so a straight line between the
     * two nearest known counts says where to look; where it does not, the gap is halved.
     *
     * @param int $late a number of pieces that is not ready in time, and takes so long
     * @param Closure(int): int $length seconds for so many
     */
    private static function mostPieces(int $late, int $lateSeconds, float $time, Closure $length): ?int
    {
        $ready = 1;
        $readySeconds = $length(1);
        if ($late <= 1 || $readySeconds > $time) {
            return null;
        }
        for ($looked = 0; $late - $ready > 1; $looked++) {
            $share = $looked % 3 === 2 ? 0.5 : ($time - $readySeconds) / max(1, $lateSeconds - $readySeconds);
            $count = max($ready + 1, min($late - 1, $ready + (int) floor($share * ($late - $ready))));
            $seconds = $length($count);
            if ($seconds <= $time) {
                [$ready, $readySeconds] = [$count, $seconds];
            } else {
                [$late, $lateSeconds] = [$count, $seconds];
            }
        }

        return $ready;
    }

    /** @return list<string> */
    public function words(): array
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
