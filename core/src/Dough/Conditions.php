<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Pantry\Role;
use StoneMill\School\Fat;
use StoneMill\School\Texture;

/** What bears on how much water every line of a dough takes or gives: texture, pot, room, fat, salt and time. */
final readonly class Conditions
{
    /** Each gram of fat per gram of flour keeps this share of the water out, up to half a gram. Planning estimate. */
    private const FAT_SHARE = 0.4;

    private const MOST_FAT = 0.5;

    private function __construct(
        public Texture $texture,
        public float $potShare,
        public Room $room,
        public float $fatFactor,
        public SaltDraw $saltDraw,
        public float $waitMinutes,
    ) {
    }

    /**
     * @param list<WeighedLine> $lines
     * @param float $potShare share of the flour whose starch has swollen in the pot
     * @param float $waitMinutes from the first mixing until the dough is shaped, in which salted vegetables weep
     */
    public static function of(array $lines, Texture $texture, float $potShare, Room $room, float $waitMinutes): self
    {
        $grams = static fn (callable $counts): float => array_sum(array_map(
            static fn (WeighedLine $line): float => $counts($line->ingredient->role) ? $line->grams : 0.0,
            $lines,
        ));
        $flour = $grams(static fn (Role $role): bool => $role->isFlourBase());
        $fat = $grams(static fn (Role $role): bool => $role === Role::Fat);

        return new self(
            $texture,
            $potShare,
            $room,
            1 - self::FAT_SHARE * min(self::MOST_FAT, $flour > 0 ? $fat / $flour : 0.0),
            SaltDraw::of($grams(static fn (Role $role): bool => $role === Role::Salt), $grams(static fn (Role $role): bool => $role === Role::Vegetable)),
            $waitMinutes,
        );
    }

    /** Part of a line's own water that the dough has got by the time it is shaped. */
    public function broughtShare(WeighedLine $line): float
    {
        return match ($line->ingredient->role) {
            Role::Vegetable => $this->saltDraw->shareAfter($this->waitMinutes),
            default => $line->ingredient->freeWaterShare,
        };
    }
}
