<?php

declare(strict_types=1);

namespace StoneMill\School;

/** One thing to do at a stage, and how to see that it is done. */
final readonly class WorkStep
{
    /**
     * @param string $id the same for the same step in every plan
     * @param list<string> $ingredients that it is about
     * @param int $seconds it takes; 0 where the eye alone tells
     */
    public function __construct(public string $id, public Stage $stage, public string $name, public string $check, public array $ingredients, public int $seconds = 0)
    {
    }
}
