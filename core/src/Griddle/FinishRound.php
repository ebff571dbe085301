<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** One round after the griddle: under the broiler, in the oven, or in the oven once more with what was put on. */
final readonly class FinishRound
{
    public const BROILER = 'broiler';

    public const OVEN = 'oven';

    public const TOPPED = 'topped';

    /** @param self::* $what */
    public function __construct(public string $what, public float $seconds)
    {
    }
}
