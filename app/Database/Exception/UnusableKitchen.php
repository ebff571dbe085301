<?php

declare(strict_types=1);

namespace App\Database\Exception;

use App\Database\FileCondition;
use App\Database\KitchenDatabase;
use RuntimeException;

/** A database file that cannot be worked with, and what to do about it. */
final class UnusableKitchen extends RuntimeException
{
    public static function found(KitchenDatabase $kitchen, FileCondition $condition): self
    {
        $remedy = match ($condition) {
            FileCondition::Newer => 'Start it with the newer version, or put back a copy from before with bin/mill restore.',
            FileCondition::Missing => 'Name the right one in MILL_DATABASE, or make one with bin/mill demo.',
            FileCondition::Older => 'Start it once with bin/mill up: it is brought up to date, and a copy of it is kept.',
            default => 'bin/mill restore COPY puts a copy back and keeps this file beside it; bin/mill demo --fresh begins a new kitchen.',
        };

        return new self(sprintf('The kitchen %s %s. %s', $kitchen->path, $condition->inWords(), $remedy));
    }

    public static function copy(KitchenDatabase $copy, FileCondition $condition): self
    {
        return new self(sprintf('%s %s; nothing was changed.', $copy->path, $condition->inWords()));
    }

    public static function nameTaken(string $path): self
    {
        return new self(sprintf('There is a file named %s already; nothing was written.', $path));
    }
}
