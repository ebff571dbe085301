<?php

declare(strict_types=1);

namespace StoneMill\Document;

use JsonSerializable;

/** The answer to a question of the core, as command line and HTTP give it. */
final readonly class Answer implements JsonSerializable
{
    /** @param array<string, mixed> $json */
    public function __construct(public array $json)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->json;
    }
}
