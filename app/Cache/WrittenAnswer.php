<?php

declare(strict_types=1);

namespace App\Cache;

/** An answer as it goes over the wire, for one who asks the same again. */
final readonly class WrittenAnswer
{
    public function __construct(public string $json)
    {
    }
}
