<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Colour;
use StoneMill\Bake\FaceState;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;

/**
 * One side of a bread: how long it lay on the metal and the colour to expect, from 0 (raw) over 0.5 (golden) to 1 (black): of the
 * spots that touched the metal closely, and of the rest.
 */
final readonly class Face
{
    /** From here on a face is burnt in spots. Planning estimate of where eyes draw the line. */
    public const BURNT = 0.8;

    /** Cooks' griddles and eyes differ by about this much. Planning estimate. */
    private const SHADE_REACH = 0.15;

    public function __construct(
        public string $name,
        public float $contactSeconds,
        public float $shade,
        public float $restShade,
        public ?float $hottestCelsius,
    ) {
    }

    public static function baked(string $name, FaceState $state): self
    {
        return new self($name, $state->contactSeconds, Colour::shade($state->spotBrownness), Colour::shade($state->brownness), $state->hottestCelsius);
    }

    /** How dark its spots are, with the reach that a hand's griddle has. */
    public function shadeFigure(): Figure
    {
        return Figure::spread(
            Spread::of(max(0.0, $this->shade - self::SHADE_REACH), $this->shade, min(1.0, $this->shade + self::SHADE_REACH)),
            Unit::Share,
            Reason::amount('On the metal for', $this->contactSeconds, Unit::Second),
            ...($this->hottestCelsius === null ? [] : [Reason::amount('Face at most', $this->hottestCelsius, Unit::Celsius)]),
            ...[Reason::saying('Spots that touch closely; 0.5 is golden. Heat, dryness, sugars and protein speed it.')],
        );
    }

    public function inWords(): string
    {
        foreach (self::words() as ['below' => $below, 'word' => $word]) {
            if ($below === null || $this->shade < $below) {
                return $below === null ? $word.', near burning' : $word;
            }
        }

        throw new \LogicException('The last word is for all that is darker.');
    }

    /** @return list<array{below: float|null, word: string}> what a shade is called, the lightest first; the last is for all that is darker */
    public static function words(): array
    {
        return [
            ['below' => 0.25, 'word' => 'pale'],
            ['below' => 0.42, 'word' => 'light'],
            ['below' => 0.65, 'word' => 'golden'],
            ['below' => self::BURNT, 'word' => 'brown'],
            ['below' => null, 'word' => 'dark'],
        ];
    }
}
