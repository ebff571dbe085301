<?php

declare(strict_types=1);

namespace StoneMill\Label;

/** A short, calm warning that stands beside the action it belongs to. */
final readonly class Caution
{
    public function __construct(public string $id, public string $stage, public Hazard $when, public string $text)
    {
    }

    /** @return array{id: string, stage: string, text: string} */
    public function toArray(): array
    {
        return ['id' => $this->id, 'stage' => $this->stage, 'text' => $this->text];
    }
}
