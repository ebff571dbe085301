<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;

/** One side of a bread: how long it lay on the metal and the colour to expect, from 0 (pale) to 1 (burnt). */
final readonly class Face
{
    /** Cooks' griddles and eyes differ by about this much. Planning estimate. */
    private const SHADE_REACH = 0.15;

    public function __construct(public string $name, public float $contactSeconds, public float $shade)
    {
    }

    /** @return array{face: string, contact_seconds: float, shade: array<string, mixed>, words: string} */
    public function toArray(): array
    {
        $shade = Figure::spread(
            Spread::of(max(0.0, $this->shade - self::SHADE_REACH), $this->shade, min(1.0, $this->shade + self::SHADE_REACH)),
            Unit::Share,
            Reason::amount('On the metal for', $this->contactSeconds, Unit::Second),
            Reason::saying('Twice the colour for every 20 °C of surface heat; the reference plan of the style gives 0.5.'),
        );

        return ['face' => $this->name, 'contact_seconds' => round($this->contactSeconds, 1), 'shade' => $shade->toArray(), 'words' => $this->inWords()];
    }

    public function inWords(): string
    {
        return match (true) {
            $this->shade < 0.25 => 'pale',
            $this->shade < 0.42 => 'light',
            $this->shade < 0.65 => 'golden',
            $this->shade < 0.8 => 'brown',
            default => 'dark, near burning',
        };
    }
}
