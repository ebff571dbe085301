<?php

declare(strict_types=1);

namespace App\Database;

use DateTimeImmutable;

/** A copy of the whole house as one file. */
final readonly class Copy
{
    public function __construct(public string $name, public string $path, public CopyKind $kind, public DateTimeImmutable $at, public int $bytes)
    {
    }
}
