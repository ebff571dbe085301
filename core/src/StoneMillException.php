<?php

declare(strict_types=1);

namespace StoneMill;

use Throwable;

/** Every failure that the core names. Nothing else may leave it for bad input. */
interface StoneMillException extends Throwable
{
}
