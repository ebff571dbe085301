<?php

declare(strict_types=1);

namespace App\Database\Exception;

use RuntimeException;

/** The kitchen's file is held by others for longer than anybody wants to wait. What was asked can be asked again. */
final class KitchenBusy extends RuntimeException
{
    public static function after(float $seconds): self
    {
        return new self(sprintf('The kitchen was held by others for more than %.0f s.', $seconds));
    }

    public static function cannotBeOpened(string $path): self
    {
        return new self(sprintf('%s cannot be opened for writing.', $path));
    }

    public static function otherProgram(string $path): self
    {
        return new self(sprintf('Another program has %s open; end it and try again. Nothing was changed.', $path));
    }
}
