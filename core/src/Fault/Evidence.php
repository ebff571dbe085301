<?php

declare(strict_types=1);

namespace StoneMill\Fault;

/** What one signal says of this batch. */
final readonly class Evidence
{
    /** Fainter than this it is not told. */
    private const TOLD_FROM = 0.25;

    /** What is not seen speaks against a cause, but more softly than what is seen speaks for one. */
    private const ABSENCE = 0.5;

    /**
     * @param float $strength from −1, clearly not so, to 1, clearly so
     * @param float $absence how much less is said by what is not so
     */
    private function __construct(public Signal $signal, public float $strength, public string $text, private float $absence = self::ABSENCE)
    {
    }

    public static function of(Signal $signal, float $strength, string $text): self
    {
        return new self($signal, max(-1.0, min(1.0, $strength)), $text);
    }

    /**
     * Of a number beside its limit: 0 at the limit, nearly 1 one reach beyond it, nearly −1 one reach before.
     *
     * @param float $reach in the unit of the number; below zero where less is worse
     */
    public static function beyond(Signal $signal, float $number, float $limit, float $reach, string $text): self
    {
        return new self($signal, tanh(1.5 * ($number - $limit) / $reach), $text);
    }

    /** The same for a cause that it speaks against; null where it is not so. */
    public function against(): ?self
    {
        return $this->strength <= 0 ? null : new self($this->signal, -$this->strength, $this->text, 1.0);
    }

    /** By how much it moves the logarithm of the odds. */
    public function logOdds(): float
    {
        return ($this->strength < 0 ? $this->absence : 1.0) * $this->strength * log($this->signal->weight());
    }

    public function isTold(): bool
    {
        return abs($this->strength) >= self::TOLD_FROM;
    }
}
