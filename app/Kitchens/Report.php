<?php

declare(strict_types=1);

namespace App\Kitchens;

/** What came in, part by part: new, the same, kept as it was here, taken as it is in the file. */
final class Report
{
    /** @var array<string, array{new: int, same: int, kept: int, taken: int}> */
    private array $parts = [];

    /** @var list<string> sentences on what a cook should know */
    private array $notes = [];

    /** @param 'new'|'same'|'kept'|'taken' $what */
    public function count(Part $part, string $what, int $times = 1): void
    {
        $this->parts[$part->value] ??= ['new' => 0, 'same' => 0, 'kept' => 0, 'taken' => 0];
        $this->parts[$part->value][$what] += $times;
    }

    public function note(string $sentence): void
    {
        $this->notes[] = $sentence;
    }

    /** @return array{parts: array<string, array{new: int, same: int, kept: int, taken: int}>, notes: list<string>} */
    public function toArray(): array
    {
        return ['parts' => $this->parts, 'notes' => $this->notes];
    }
}
