<?php

declare(strict_types=1);

namespace StoneMill\Record\Exception;

use LogicException;

/** A question about a batch that only its log can answer, put where only what the log adds up to is at hand. */
final class LogNeeded extends LogicException
{
    public static function toUndo(): self
    {
        return new self('An undo takes the log of the batch, not only what it adds up to.');
    }
}
