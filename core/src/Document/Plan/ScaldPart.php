<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Plan\ScaldAdvice;

/** What a scald comes to, and what would reach the wanted one. */
final readonly class ScaldPart
{
    public function __construct(private ScaldAdvice $scald)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $rounded = static fn (?float $value): ?float => $value === null ? null : round($value, 4);

        return [
            'wanted_share' => $rounded($this->scald->wantedShare),
            'boiling_celsius' => $rounded($this->scald->boilingCelsius), 'boiling_share' => $rounded($this->scald->boilingShare),
            'warm_bowl_celsius' => $rounded($this->scald->warmBowlCelsius), 'warm_bowl_share' => $rounded($this->scald->warmBowlShare),
            'needed_water_celsius' => $rounded($this->scald->neededWaterCelsius), 'needed_pot_share' => $rounded($this->scald->neededPotShare),
            'advice' => $this->scald->inWords(),
        ];
    }
}
