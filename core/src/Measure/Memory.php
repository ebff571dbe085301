<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/** What took long to work out is not worked out again. Without a store nothing is remembered; the answer is the same to the byte either way. */
final readonly class Memory
{
    public function __construct(private ?MemoryStore $store = null)
    {
    }

    /**
     * @template Kept of object
     *
     * @param class-string<Kept> $kind
     * @param mixed $from all that the value depends on, in values that can be written down
     * @param callable(): Kept $work
     * @return Kept
     */
    public function of(string $kind, mixed $from, callable $work): object
    {
        if ($this->store === null) {
            return $work();
        }
        $key = hash('xxh128', serialize($from));
        $kept = $this->store->recall($key, $kind);
        if ($kept === null) {
            $kept = $work();
            $this->store->keep($key, $kept);
        }

        return $kept;
    }
}
