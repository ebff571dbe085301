<?php

declare(strict_types=1);

namespace StoneMill\Document;

use DateTimeInterface;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Mill\Nixtamal;
use StoneMill\Mill\PotStep;

/** Whole corn cooked with lime: weights, moistures and the clock back from the griddle. */
final readonly class NixtamalDocument
{
    public function __construct(private Nixtamal $pot)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $pot = $this->pot;
        $dry = Reason::amount('Dry matter', $pot->dryGrams(), Unit::Gram);

        return [
            'corn_grams' => self::grams($pot->cornGrams, Reason::amount('Kernels with moisture of', $pot->kernelMoisturePercent, Unit::Percent)),
            'lime_grams' => self::grams($pot->limeGrams(), Reason::amount('Of the corn', $pot->limePercent, Unit::Percent)),
            'pot_water_grams' => self::grams($pot->potWaterGrams(), Reason::saying('Three times the corn, so that it stays covered.')),
            'simmered_moisture_percent' => self::moisture($pot->simmeredMoisturePercent(), Reason::amount('Simmered for', $pot->simmerMinutes, Unit::Minute)),
            'steeped_moisture_percent' => self::moisture($pot->steepedMoisturePercent(), Reason::amount('Steeped for', $pot->steepHours, Unit::Hour)),
            'dry_loss_percent' => Figures::json(Figure::spread($pot->dryLoss()->multipliedBy(100), Unit::Percent, Reason::saying('Hull and germ that go with liquor and rinse; more with more lime and time.'))),
            'drained_grams' => self::grams($pot->drainedGrams(), $dry, Reason::amount('at a moisture of', $pot->steepedMoisturePercent(), Unit::Percent)),
            'grind_water_grams' => self::grams($pot->grindWaterGrams(), Reason::amount('To a masa moisture of', $pot->masaMoisturePercent, Unit::Percent), Reason::saying('A little at a time while grinding.')),
            'masa_grams' => Figures::json(Figure::spread($pot->masa(), Unit::Gram, $dry, Reason::amount('at a moisture of', 100 * (1 - $pot->dryGrams() / $pot->masaGrams()), Unit::Percent))),
            'clock' => array_map(static fn (PotStep $step): array => [
                'step' => $step->what, 'minutes' => round($step->minutes, 1), 'from_minutes' => round($step->fromMinutes, 1), 'at' => $step->at?->format(DateTimeInterface::RFC3339),
            ], $pot->clock()),
            'cautions' => [
                'Calcium hydroxide is caustic: eye protection, gloves, rinse at once with much water.',
                'Never an aluminium pot; steel or enamel.',
                'Let the hot pot cool where no one knocks it; chill what waits longer than its steep.',
                'Local codes and licensed practice stand above this.',
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function grams(float $grams, Reason ...$because): array
    {
        return Figures::json(Figure::exact($grams, Unit::Gram, ...$because));
    }

    /** @return array<string, mixed> */
    private static function moisture(float $percent, Reason $because): array
    {
        return Figures::json(Figure::spread(Nixtamal::moisture($percent), Unit::Percent, $because));
    }
}
