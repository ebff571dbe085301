<?php

declare(strict_types=1);

namespace StoneMill\Blend\Exception;

use LogicException;
use StoneMill\StoneMillException;

/** A linear program whose cost can fall without end: something that should be limited is not. */
final class Unbounded extends LogicException implements StoneMillException
{
    public static function inColumn(int $column): self
    {
        return new self(sprintf('The cost of a linear program falls without end along column %d.', $column));
    }
}
