<?php

declare(strict_types=1);

namespace StoneMill\Griddle\Exception;

use DomainException;
use StoneMill\Griddle\UsualBaking;
use StoneMill\School\TurnSchool;
use StoneMill\StoneMillException;

/** A way of turning that a style has no plan for. */
final class UnplannedSchool extends DomainException implements StoneMillException
{
    public static function of(TurnSchool $school, UsualBaking $usual): self
    {
        return new self(sprintf(
            '%s has no turn plan "%s"; it has %s.',
            $usual->bread,
            $school->value,
            implode(', ', array_keys($usual->turnPlans)),
        ));
    }
}
