<?php

declare(strict_types=1);

namespace StoneMill\Style\Exception;

use OutOfBoundsException;
use StoneMill\StoneMillException;

/** A name that is no shipped bread style. */
final class UnknownStyle extends OutOfBoundsException implements StoneMillException
{
    /** @param list<string> $known */
    public static function named(string $id, array $known): self
    {
        return new self(sprintf('There is no style named "%s"; there are %s.', $id, implode(', ', $known)));
    }
}
