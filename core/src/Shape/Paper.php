<?php

declare(strict_types=1);

namespace StoneMill\Shape;

/** Papers that kitchens' printers hold; sizes in mm (ISO 216 and the American one). */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    public function width(): float
    {
        return match ($this) {
            self::A4 => 210.0,
            self::Letter => 215.9,
        };
    }

    public function height(): float
    {
        return match ($this) {
            self::A4 => 297.0,
            self::Letter => 279.4,
        };
    }
}
