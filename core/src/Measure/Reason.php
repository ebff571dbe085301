<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/** One step of the answer to "why this number?": a sentence, with its own quantity where it has one. */
final readonly class Reason
{
    private function __construct(public string $text, public ?float $value, public ?Unit $unit)
    {
    }

    public static function saying(string $text): self
    {
        return new self($text, null, null);
    }

    public static function amount(string $text, float $value, Unit $unit): self
    {
        return new self($text, $value, $unit);
    }
}
