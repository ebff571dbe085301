<?php

declare(strict_types=1);

namespace StoneMill\Fault;

/** All that plan and log say, each signal looked for once. */
final class Signals
{
    /** @var array<string, Evidence|null> by signal */
    private array $read = [];

    private readonly DoughSignals $dough;

    private readonly BenchSignals $bench;

    private readonly GriddleSignals $griddle;

    public function __construct(Circumstances $batch)
    {
        $this->dough = new DoughSignals($batch);
        $this->bench = new BenchSignals($batch);
        $this->griddle = new GriddleSignals($batch);
    }

    /** Null where nothing is known of it. */
    public function of(Signal $signal): ?Evidence
    {
        if (! array_key_exists($signal->value, $this->read)) {
            $this->read[$signal->value] = $this->dough->read($signal) ?? $this->bench->read($signal) ?? $this->griddle->read($signal);
        }

        return $this->read[$signal->value];
    }

    /**
     * @param list<Signal> $signals
     * @param int $sign 1 where they speak for a cause, −1 where against it
     * @return list<Evidence> of those that anything is known of
     */
    public function speaking(array $signals, int $sign): array
    {
        $known = array_values(array_filter(array_map($this->of(...), $signals)));

        // That a thing speaking against it is not so, says nothing.
        return $sign > 0 ? $known : array_values(array_filter(array_map(static fn (Evidence $one): ?Evidence => $one->against(), $known)));
    }
}
