<?php

declare(strict_types=1);

namespace App\Kitchens;

use RuntimeException;

/** Ends a look at what would come in, so that nothing of it stays. */
final class LookedOnly extends RuntimeException
{
}
