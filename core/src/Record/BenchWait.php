<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\School\Stage;

/** Something that is waited for in a batch. */
final readonly class BenchWait
{
    /**
     * @param string $over what shows that it is over
     * @param string|null $step of the plan, where it is one
     * @param DateTimeImmutable|null $endsAt null before it began and once what comes after it has begun
     */
    public function __construct(
        public ClockKind $kind,
        public Stage $stage,
        public string $name,
        public string $over,
        public ?EventKind $startedBy,
        public ?string $step,
        public float $seconds,
        public ?DateTimeImmutable $endsAt,
    ) {
    }
}
