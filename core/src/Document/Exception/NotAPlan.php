<?php

declare(strict_types=1);

namespace StoneMill\Document\Exception;

use RuntimeException;
use StoneMill\StoneMillException;

/** What was stored as a plan is none. */
final class NotAPlan extends RuntimeException implements StoneMillException
{
    public static function without(string $path, string $wanted): self
    {
        return new self(sprintf('The stored plan has no %s at "%s".', $wanted, $path));
    }
}
