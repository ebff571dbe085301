<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Measure\Unit;

/** A sign that did not come in any time a cook would wait. */
final readonly class Missed
{
    public function __construct(public Sign $sign, public float $wanted, public float $reached)
    {
    }

    public function id(): string
    {
        return match ($this->sign) {
            Sign::Set => 'never-sets',
            Sign::Lost => 'stays-wet',
            Sign::Browned, Sign::TopBrowned => 'stays-pale',
            Sign::Done => 'stays-raw',
        };
    }

    public function unit(): Unit
    {
        return $this->sign === Sign::Done ? Unit::Celsius : Unit::Share;
    }

    public function inWords(): string
    {
        return match ($this->sign) {
            Sign::Set => 'The first face never dries enough to let go.',
            Sign::Lost => sprintf('It loses %.0f %% of its weight and no more in any time a cook would wait; %.0f %% were wanted.', 100 * $this->reached, 100 * $this->wanted),
            Sign::Browned, Sign::TopBrowned => 'It does not colour as wanted at this heat.',
            Sign::Done => sprintf('The middle comes to %.0f °C; %.0f °C were wanted.', $this->reached, $this->wanted),
        };
    }
}
