<?php

declare(strict_types=1);

namespace StoneMill\Griddle\Exception;

use DomainException;
use StoneMill\Griddle\TurnSchool;
use StoneMill\StoneMillException;
use StoneMill\Style\Style;

/** A way of turning that a style has no plan for. */
final class UnplannedSchool extends DomainException implements StoneMillException
{
    public static function of(TurnSchool $school, Style $style): self
    {
        return new self(sprintf(
            '%s has no turn plan "%s"; it has %s.',
            $style->name,
            $school->value,
            implode(', ', array_keys($style->turnPlans)),
        ));
    }
}
