<?php

declare(strict_types=1);

namespace StoneMill\School;

/** By what a dough is worked. */
enum Worked: string
{
    case Hand = 'hand';
    case Machine = 'machine';

    /** A paddle or hook does the work of hands in about this share of their time. Planning estimate. */
    private const MACHINE_SHARE = 0.6;

    /** A minute of it warms the dough by so many K. A wheat dough takes up one and more; what has no gluten resists less. Planning estimate. */
    private const MACHINE_KELVIN_A_MINUTE = 0.5;

    public function seconds(Knead $knead): int
    {
        return $this === self::Machine ? (int) round(self::MACHINE_SHARE * $knead->seconds()) : $knead->seconds();
    }

    /** K by which working it warms the dough. */
    public function warmsBy(Knead $knead): float
    {
        return $this === self::Machine ? self::MACHINE_KELVIN_A_MINUTE * $this->seconds($knead) / 60 : 0.0;
    }

    /** Whether it goes on while the dough is too hot for hands. */
    public function bearsHeat(): bool
    {
        return $this === self::Machine;
    }
}
