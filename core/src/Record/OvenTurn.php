<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\School\OvenStep;

/** The stay in the oven that is under way, or comes next. */
final readonly class OvenTurn
{
    /** @param int $number of it in the batch, loads together, from 1 */
    public function __construct(public OvenStep $what, public int $number, public int $seconds, public ?DateTimeImmutable $since)
    {
    }

    public function endsAt(): ?DateTimeImmutable
    {
        return $this->since === null ? null : LogTime::later($this->since, $this->seconds);
    }
}
