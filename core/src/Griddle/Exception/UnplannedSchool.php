<?php

declare(strict_types=1);

namespace StoneMill\Griddle\Exception;

use DomainException;
use StoneMill\Griddle\UsualBaking;
use StoneMill\School\TurnSchool;
use StoneMill\StoneMillException;

/** A way of turning that a bread does not bear. */
final class UnplannedSchool extends DomainException implements StoneMillException
{
    public static function of(TurnSchool $school, UsualBaking $usual): self
    {
        return new self(sprintf(
            '%s cannot be turned by "%s"; it can by %s.',
            $usual->bread,
            $school->value,
            implode(', ', array_map(static fn (TurnSchool $other): string => $other->value, $usual->schools())),
        ));
    }
}
