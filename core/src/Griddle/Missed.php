<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Measure\Unit;

/** Something wanted of a bake that does not come: what was reached, what was wanted, why, and what would mend it. */
final readonly class Missed
{
    private function __construct(
        public string $id,
        public string $text,
        public float $reached,
        public float $wanted,
        public Unit $unit,
        public ?Remedy $remedy,
    ) {
    }

    public static function setting(float $share): self
    {
        return new self('never-sets', 'The first face never dries enough to let go.', $share, 1.0, Unit::Share, null);
    }

    public static function middle(float $celsius, float $wanted, ?Remedy $remedy): self
    {
        return new self('stays-raw', sprintf('The middle comes to %.0f °C; %.0f °C are wanted.', $celsius, $wanted), $celsius, $wanted, Unit::Celsius, $remedy);
    }

    /** @param bool $isCapped whether its faces were as dark as they should ever be before it had lost enough */
    public static function loss(float $share, float $wanted, bool $isCapped, ?Remedy $remedy): self
    {
        $text = match (true) {
            $share > $wanted => sprintf('It loses %.0f %% of its weight; %.0f %% at most keep it soft.', 100 * $share, 100 * $wanted),
            $isCapped => sprintf('It loses %.0f %% of its weight and should lose %.0f %%: its faces are dark by then.', 100 * $share, 100 * $wanted),
            default => sprintf('It loses %.0f %% of its weight and no more in any time a cook would wait; %.0f %% are wanted.', 100 * $share, 100 * $wanted),
        };

        return new self($share > $wanted ? 'dries-out' : 'stays-wet', $text, $share, $wanted, Unit::Share, $remedy);
    }

    /** @param non-empty-list<Face> $faces on the same side of what is wanted, the farthest first */
    public static function shade(array $faces, float $wanted, ?Remedy $remedy): self
    {
        $face = $faces[0];
        $isPale = $face->shade < $wanted;
        $reason = $isPale ? 'the water it should lose is gone before it colours' : 'it colours before it has lost its water';
        $which = count($faces) > 1 ? 'Both faces come' : sprintf('The %s face comes', $face->name);

        return new self(
            $isPale ? 'stays-pale' : ($face->shade >= Face::BURNT ? 'burns' : 'gets-dark'),
            sprintf('%s out %s: %s.', $which, $face->inWords(), $reason),
            $face->shade,
            $wanted,
            Unit::Share,
            $remedy,
        );
    }

    /** What is missed, and what would mend it. */
    public function inWords(): string
    {
        return $this->remedy === null ? $this->text : $this->text.' '.$this->remedy->text.'.';
    }

    public static function puff(string $text): self
    {
        return new self('no-puff', $text, 0.0, 1.0, Unit::Share, null);
    }
}
