<?php

declare(strict_types=1);

namespace StoneMill\Exchange\Exception;

use LogicException;
use StoneMill\StoneMillException;

/** Something that the house wrote itself is not as it writes it: a fault of the house, not of who asked. */
final class BrokenRow extends LogicException implements StoneMillException
{
    public static function at(string $path, mixed $value, string $wanted): self
    {
        return new self(sprintf('%s is %s and should be %s.', $path === '' ? 'The row' : $path, get_debug_type($value), $wanted));
    }
}
