<?php

declare(strict_types=1);

namespace StoneMill\Bake\Exception;

use InvalidArgumentException;
use StoneMill\StoneMillException;

/** A number of the model that it does not have. */
final class UnknownNumber extends InvalidArgumentException implements StoneMillException
{
}
