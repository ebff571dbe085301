<?php

declare(strict_types=1);

namespace StoneMill\Measure\Exception;

use InvalidArgumentException;
use StoneMill\StoneMillException;

/** A quantity outside what the rule it was given to can mean. */
final class OutOfRange extends InvalidArgumentException implements StoneMillException
{
    private function __construct(string $message, public readonly float $value, public readonly float $least, public readonly float $most)
    {
        parent::__construct($message);
    }

    public static function quantity(string $name, float $value, float $least, float $most): self
    {
        return new self(sprintf('The %s must be between %s and %s, got %s.', $name, $least, $most, $value), $value, $least, $most);
    }

    /** @throws self If the value is not a finite number within the limits. */
    public static function guard(string $name, float $value, float $least, float $most): float
    {
        return is_finite($value) && $value >= $least && $value <= $most
            ? $value
            : throw self::quantity($name, $value, $least, $most);
    }
}
