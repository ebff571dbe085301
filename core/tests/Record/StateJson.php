<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use StoneMill\Document\Record\GriddlePart;
use StoneMill\Record\BatchState;

/** A part of a state as tablets are told it. */
final class StateJson
{
    /** @return array<string, mixed> */
    public static function griddle(BatchState $state): array
    {
        return (new GriddlePart($state->griddle(), $state->griddle()->steps()))->json();
    }
}
