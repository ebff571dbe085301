<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

/** What is doubtful about a row, in whole sentences, as its cells are read. */
final class Doubts
{
    /** @var list<string> */
    private array $sentences = [];

    public function say(string $sentence): void
    {
        $this->sentences[] = $sentence;
    }

    /** @return list<string> */
    public function all(): array
    {
        return array_values(array_unique($this->sentences));
    }
}
