<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\School\Finish;
use StoneMill\School\OvenStep;

/** One stay in the oven or under the broiler, as the plan of a batch had it. */
final readonly class OvenRound
{
    public function __construct(public OvenStep $what, public int $seconds)
    {
    }

    /**
     * The rounds of a finish; where they are not told apart, all of it is one.
     *
     * @param list<self> $rounds
     * @param int $seconds of them together
     * @return list<self>
     */
    public static function all(array $rounds, Finish $finish, int $seconds): array
    {
        return $rounds !== [] || $seconds <= 0 || ! $finish->isInTheOven() ? $rounds : [new self(OvenStep::Oven, $seconds)];
    }
}
