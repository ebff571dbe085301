<?php

declare(strict_types=1);

namespace App\Cache;

use Illuminate\Contracts\Cache\Repository;
use StoneMill\Measure\MemoryStore;

/** What was worked out, kept in a cache of so many slots: a slider moved all day overwrites what it left, and the disk never fills. */
final readonly class MemorySlots implements MemoryStore
{
    /** @param int $slots for each kind of thing; a bake takes a few kilobytes, an answer some fifty */
    public function __construct(private Repository $cache, private int $slots)
    {
    }

    public function recall(string $key, string $kind): ?object
    {
        $kept = $this->cache->get($this->slot($key, $kind));

        return is_array($kept) && ($kept['key'] ?? null) === $key && ($kept['value'] ?? null) instanceof $kind ? $kept['value'] : null;
    }

    public function keep(string $key, object $value): void
    {
        $this->cache->forever($this->slot($key, $value::class), ['key' => $key, 'value' => $value]);
    }

    private function slot(string $key, string $kind): string
    {
        return sprintf('%s-%03x', class_basename($kind), hexdec(substr($key, 0, 8)) % $this->slots);
    }
}
