<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

/** A name in a text: what it may mean, the likeliest first, and where its words stand. */
final readonly class FoundName
{
    /** @param non-empty-list<string> $meanings ids */
    public function __construct(public array $meanings, public int $from, public int $length, public bool $isSure = true)
    {
    }

    public function until(): int
    {
        return $this->from + $this->length;
    }
}
