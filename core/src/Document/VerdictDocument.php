<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Record\Verdict;

/** What was judged of a batch. */
final readonly class VerdictDocument
{
    public function __construct(private Verdict $verdict)
    {
    }

    /** @return array<string, string|int|float|bool|list<array<string, mixed>>|null> */
    public function json(): array
    {
        return [
            'pliability' => $this->verdict->pliability?->value,
            'puff' => $this->verdict->puff?->value,
            'shade_first' => $this->verdict->shadeFirst,
            'shade_second' => $this->verdict->shadeSecond,
            'cracks' => $this->verdict->cracks?->value,
            'sticking' => $this->verdict->sticking?->value,
            'pieces_good' => $this->verdict->good,
            'pieces_second' => $this->verdict->seconds,
            'pieces_lost' => $this->verdict->lost,
            'score' => $this->verdict->score,
            'notes' => $this->verdict->notes,
            ...($this->verdict->again === null ? [] : ['again' => $this->verdict->again]),
            ...($this->verdict->halves === [] ? [] : ['halves' => array_map(static fn (Verdict $half): array => (new self($half))->json(), $this->verdict->halves)]),
        ];
    }
}
