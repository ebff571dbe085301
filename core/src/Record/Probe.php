<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Exchange\Row;

/**
 * What a probe in the middle of a bread says: done or not, and about how long still. Two readings give the pace; the
 * middle comes nearer to the boiling point by a like share in like times:
 *
 *   T(t) = T_b − (T_b − T_0) · exp(−t / τ), with T_b just under 100 °C
 */
final readonly class Probe
{
    /** Where the middle of a moist bread ends up. */
    private const BOILING_CELSIUS = 99.0;

    /** Readings closer together than this tell no pace. */
    private const LEAST_SECONDS = 5.0;

    /** Before there are two readings: look again then. */
    private const LOOK_AGAIN_SECONDS = 60.0;

    private const MOST_SECONDS = 1200.0;

    private function __construct(public int $piece, private DateTimeImmutable $at, public float $celsius, private ?float $tau)
    {
    }

    public static function after(?self $before, int $piece, DateTimeImmutable $at, float $celsius): self
    {
        if ($before === null || $before->piece !== $piece) {
            return new self($piece, $at, $celsius, null);
        }
        $seconds = LogTime::between($before->at, $at);
        $left = (self::BOILING_CELSIUS - $celsius) / max(1e-6, self::BOILING_CELSIUS - $before->celsius);
        $tau = $seconds >= self::LEAST_SECONDS && $left > 0 && $left < 1 ? -$seconds / log($left) : $before->tau;

        return new self($piece, $at, $celsius, $tau);
    }

    /** @return array{piece: int, at: int, celsius: float, tau: float|null} */
    public function toRow(): array
    {
        return ['piece' => $this->piece, 'at' => LogTime::toMilliseconds($this->at), 'celsius' => $this->celsius, 'tau' => $this->tau];
    }

    public static function ofRow(Row $row): self
    {
        return new self($row->whole('piece'), LogTime::ofMilliseconds($row->whole('at')), $row->number('celsius'), $row->optionalNumber('tau'));
    }

    /** Seconds from this moment until the middle should be as hot as is wanted; below 0 where it was when it was measured. */
    public function doneAfter(DateTimeImmutable $now, float $wanted): float
    {
        return $this->celsius >= $wanted ? -INF : LogTime::between($now, $this->at) + $this->waitSeconds($wanted);
    }

    public function isDone(float $wanted): bool
    {
        return $this->celsius >= $wanted;
    }

    public function inWords(float $wanted): string
    {
        return match (true) {
            $this->isDone($wanted) => sprintf('The middle is at %.0f °C: done.', $this->celsius),
            $this->tau === null => sprintf('The middle is at %.0f °C and should reach %.0f °C. Take it again in a minute.', $this->celsius, $wanted),
            default => sprintf('The middle is at %.0f °C and should reach %.0f °C: about %d s more.', $this->celsius, $wanted, (int) round($this->waitSeconds($wanted))),
        };
    }

    public function waitSeconds(float $wanted): float
    {
        if ($this->celsius >= $wanted) {
            return 0.0;
        }

        return $this->tau === null ? self::LOOK_AGAIN_SECONDS : min(self::MOST_SECONDS, $this->tau * log((self::BOILING_CELSIUS - $this->celsius) / max(0.1, self::BOILING_CELSIUS - $wanted)));
    }
}
