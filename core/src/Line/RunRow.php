<?php

declare(strict_types=1);

namespace StoneMill\Line;

use DateTimeImmutable;

/** One row of a run sheet. */
final readonly class RunRow
{
    public function __construct(
        public string $what,
        public DateTimeImmutable $from,
        public DateTimeImmutable $until,
        public string $says,
        public string $detail,
    ) {
    }

    public function minutes(): int
    {
        return (int) round(($this->until->getTimestamp() - $this->from->getTimestamp()) / 60);
    }
}
