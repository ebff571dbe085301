<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use StoneMill\Document\Record\GriddleNowPart;
use StoneMill\Record\BatchState;
use StoneMill\Tests\Said;

/** A part of a state as tablets are told it. */
final class StateJson
{
    public static function griddle(BatchState $state): Said
    {
        return new Said((new GriddleNowPart($state->griddle(), $state->griddle()->steps()))->json());
    }
}
