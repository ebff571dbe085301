<?php

declare(strict_types=1);

namespace StoneMill\School;

/** A step hours before the dough: hands for a while, then waiting that can be stretched or cut within limits. Seconds. */
final readonly class AheadStep
{
    /** @param array{float, float, float} $wait least, usual, most */
    public function __construct(public ActionKind $kind, public float $hands, public array $wait)
    {
    }
}
