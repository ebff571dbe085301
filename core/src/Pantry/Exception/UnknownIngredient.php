<?php

declare(strict_types=1);

namespace StoneMill\Pantry\Exception;

use OutOfBoundsException;
use StoneMill\StoneMillException;

/** A name that is in no catalogue. */
final class UnknownIngredient extends OutOfBoundsException implements StoneMillException
{
    public static function named(string $id): self
    {
        return new self(sprintf('There is no ingredient named "%s".', $id));
    }
}
