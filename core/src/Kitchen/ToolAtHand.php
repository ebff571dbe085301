<?php

declare(strict_types=1);

namespace StoneMill\Kitchen;

/**
 * A tool that hangs in the kitchen, under its own name in the house.
 *
 * @phpstan-import-type Told from Tool
 */
final readonly class ToolAtHand
{
    /** @param Told $told as a plan request names it */
    public function __construct(public ToolKind $kind, public string $id, public array $told)
    {
    }
}
