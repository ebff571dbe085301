<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Plan\Warning;

/** A warning with what passes which limit, and what would mend it. */
final readonly class WarningPart
{
    public function __construct(private Warning $warning)
    {
    }

    /** @return array{id: string, stage: string, text: string, value: float, limit: float, unit: string, mend: array{text: string, change: array<string, mixed>}|null} */
    public function json(): array
    {
        return [
            'id' => $this->warning->id, 'stage' => $this->warning->stage->value, 'text' => $this->warning->text,
            'value' => round($this->warning->value, 4), 'limit' => round($this->warning->limit, 4), 'unit' => $this->warning->unit->value,
            'mend' => $this->warning->mend === null ? null : ['text' => $this->warning->mend->text, 'change' => $this->warning->mend->change->patch()],
        ];
    }
}
