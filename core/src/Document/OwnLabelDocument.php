<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Pantry\OwnLabel;

/** What an entered table of nutrition comes to. */
final readonly class OwnLabelDocument
{
    public function __construct(private OwnLabel $label)
    {
    }

    /** @return array<string, mixed> what the table comes to */
    public function json(): array
    {
        $composition = $this->label->ingredient->composition;

        return [
            'sum_grams' => round($this->label->sumGrams, 2),
            'rest_grams' => round(max(0.0, 100 - $this->label->sumGrams), 2),
            'water_grams' => round($composition->waterGrams, 2),
            'ash_grams' => round($composition->ashGrams, 2),
            'available_carbohydrate_grams' => round($composition->carbohydrateGrams, 2),
            'energy_printed_kj' => round($composition->energyKilojoules, 1),
            'energy_counted_kj' => round($this->label->countedKilojoules, 1),
        ];
    }
}
