<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/** Where what took long to work out is kept. It may forget at any time. */
interface MemoryStore
{
    /**
     * @template Kept of object
     *
     * @param string $key all that the value depends on
     * @param class-string<Kept> $kind
     * @return Kept|null the very value that was kept under this key; null where there is none
     */
    public function recall(string $key, string $kind): ?object;

    public function keep(string $key, object $value): void;
}
