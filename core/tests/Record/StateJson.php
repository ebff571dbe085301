<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use StoneMill\Document\Record\GriddlePart;
use StoneMill\Record\BatchState;
use StoneMill\Tests\Said;

/** A part of a state as tablets are told it. */
final class StateJson
{
    public static function griddle(BatchState $state): Said
    {
        return new Said((new GriddlePart($state->griddle(), $state->griddle()->steps()))->json());
    }
}
