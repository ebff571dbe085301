<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/** Keeps the run at even times and at every touch. */
final class Recorder
{
    private const MOST_MOMENTS = 160;

    /** @var list<Snapshot> */
    private array $moments = [];

    private float $next = 0.0;

    public function __construct(private float $everySeconds = 1.0)
    {
    }

    /** A recorder that keeps nothing. */
    public function silenced(): self
    {
        return new self(INF);
    }

    public function note(BakeUnderWay $bake, bool $touched): void
    {
        $now = $bake->secondsOn();
        if ($this->everySeconds === INF || (! $touched && $now < $this->next)) {
            return;
        }
        $this->next = $now + $this->everySeconds;
        $this->moments[] = Snapshot::of($bake, $touched);
        if (count($this->moments) >= self::MOST_MOMENTS) {
            $this->thinOut();
        }
    }

    /** @return list<Snapshot> */
    public function moments(): array
    {
        return $this->moments;
    }

    /** A long run keeps every other moment and all later ones as seldom. */
    private function thinOut(): void
    {
        $this->everySeconds *= 2;
        $this->moments = array_values(array_filter(
            $this->moments,
            static fn (Snapshot $moment, int $index): bool => $moment->atTouch || $index % 2 === 0,
            ARRAY_FILTER_USE_BOTH,
        ));
    }
}
