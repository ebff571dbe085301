<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Label\Keeping;

/** How the bread keeps, is put by and warmed again. */
final readonly class KeepingPart
{
    public function __construct(private Keeping $keeping)
    {
    }

    /** @return array{warm_minutes: array{low: int, value: int, high: int}|null, lines: list<array{id: string, name: string, words: string}>} */
    public function json(): array
    {
        $warm = $this->keeping->warmMinutes();

        return [
            'warm_minutes' => $warm === null ? null : ['low' => (int) round($warm->low), 'value' => (int) round($warm->likely), 'high' => (int) round($warm->high)],
            'lines' => [
                ['id' => 'hold', 'name' => 'Until it is eaten', 'words' => $this->keeping->hold($warm)],
                ['id' => 'cool', 'name' => 'Put by', 'words' => $this->keeping->cool()],
                ['id' => 'store', 'name' => 'Keeps', 'words' => $this->keeping->store()],
                ['id' => 'warm', 'name' => 'Warm again', 'words' => implode(' ', $this->keeping->warmAgain())],
            ],
        ];
    }
}
