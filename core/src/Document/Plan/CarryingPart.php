<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\School\Liner;
use StoneMill\School\Shaping;
use StoneMill\School\WayOver;
use StoneMill\Shape\Carrying;

/** On what a disc is pressed and how it gets onto the metal, with what else would serve. */
final readonly class CarryingPart
{
    public function __construct(private Carrying $carrying)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'liner' => $this->carrying->liner->value,
            'liner_words' => $this->carrying->inWords(),
            'over' => $this->carrying->over->value,
            'over_words' => $this->carrying->over->how(),
            'liners' => array_map(static fn (Liner $liner): array => ['value' => $liner->value, 'label' => $liner->inWords()], Liner::servingFor($this->carrying->shaping)),
            'ways' => array_map(static fn (WayOver $over): array => ['value' => $over->value, 'label' => $over->inWords()], $this->carrying->shaping === Shaping::Pour ? [WayOver::Poured] : WayOver::off($this->carrying->liner)),
        ];
    }
}
