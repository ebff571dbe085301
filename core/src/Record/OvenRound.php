<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** One stay in the oven or under the broiler, as the plan of a batch had it. */
final readonly class OvenRound
{
    public function __construct(public string $what, public int $seconds)
    {
    }

    /**
     * The rounds of a finish; where they are not told apart, all of it is one.
     *
     * @param list<self> $rounds
     * @param int $seconds of them together
     * @return list<self>
     */
    public static function all(array $rounds, string $finish, int $seconds): array
    {
        return $rounds !== [] || $seconds <= 0 || ! in_array($finish, ['oven', 'broiler_then_oven'], true) ? $rounds : [new self('oven', $seconds)];
    }
}
