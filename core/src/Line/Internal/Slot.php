<?php

declare(strict_types=1);

namespace StoneMill\Line\Internal;

/** A stretch in which a pair of hands is free, or, where none is, when the first of them will be. */
final readonly class Slot
{
    /** @param int|null $pair by its place; null where all are taken */
    private function __construct(public ?int $pair, public float $at)
    {
    }

    public static function with(int $pair, float $at): self
    {
        return new self($pair, $at);
    }

    /** @param float $at the first moment that is worth another try */
    public static function notBefore(float $at): self
    {
        return new self(null, $at);
    }
}
