<?php

declare(strict_types=1);

namespace StoneMill\Hearth\Exception;

use InvalidArgumentException;
use StoneMill\StoneMillException;

/** Readings that cannot tell how a griddle warms. */
final class TooFewReadings extends InvalidArgumentException implements StoneMillException
{
    public static function got(int $count): self
    {
        return new self(sprintf('A warm-up needs at least 3 readings over at least a minute, got %d.', $count));
    }
}
