<?php

declare(strict_types=1);

namespace StoneMill\Mill;

use DateTimeImmutable;

/** One step of cooking corn with lime. */
final readonly class PotStep
{
    /** @param DateTimeImmutable|null $at null where no time was given */
    public function __construct(public string $what, public float $minutes, public float $fromMinutes, public ?DateTimeImmutable $at)
    {
    }
}
