<?php

declare(strict_types=1);

namespace StoneMill\Fault;

/** A request changed for the next batch: in words, and as what makes it so. */
final readonly class Change
{
    /** @param array<string, mixed> $patch JSON merge patch (RFC 7396) of the plan request */
    public function __construct(public NextChange $kind, public string $text, public array $patch)
    {
    }
}
