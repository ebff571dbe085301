<?php

declare(strict_types=1);

namespace App\Cache;

use Illuminate\Contracts\Foundation\Application;
use StoneMill\Measure\MemoryStore;

/** What was worked out for an answer is written down once the answer is on its way: who asked does not wait for it. */
final class KeptAfterwards implements MemoryStore
{
    /** @var array<class-string, array<string, object>> by kind and key, of this request: it need not read what it has worked out */
    private array $worked = [];

    public function __construct(private readonly MemoryStore $store, Application $house)
    {
        $house->terminating($this->writeDown(...));
    }

    public function recall(string $key, string $kind): ?object
    {
        $worked = $this->worked[$kind][$key] ?? null;

        return $worked instanceof $kind ? $worked : $this->store->recall($key, $kind);
    }

    public function keep(string $key, object $value): void
    {
        $this->worked[$value::class][$key] = $value;
    }

    private function writeDown(): void
    {
        foreach ($this->worked as $values) {
            foreach ($values as $key => $value) {
                $this->store->keep($key, $value);
            }
        }
        $this->worked = [];
    }
}
