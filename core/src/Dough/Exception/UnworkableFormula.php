<?php

declare(strict_types=1);

namespace StoneMill\Dough\Exception;

use DomainException;
use StoneMill\StoneMillException;

/** A formula from which no dough can be made. */
final class UnworkableFormula extends DomainException implements StoneMillException
{
    public static function withoutFlour(): self
    {
        return new self('A formula needs at least one flour or starch; this one has none.');
    }

    public static function flourPercent(float $sum): self
    {
        return new self(sprintf('The flours in percent must add up to 100 %%, got %s %%.', round($sum, 2)));
    }

    public static function mixedFlourPercent(float $sum): self
    {
        return new self(sprintf('Beside flours in grams, flours in percent must stay under 100 %%, got %s %%.', round($sum, 2)));
    }
}
