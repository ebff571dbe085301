<?php

declare(strict_types=1);

namespace StoneMill\Mill;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;

/**
 * Dried corn to fresh masa: lime, water, simmer, steep, rinse, grind.
 *
 * Kernels take up water towards saturation, first order in time: X(t) = X_s − (X_s − X_0)·e^(−kt), X in g water per g
 * dry matter, with k for the simmer and a slower one, averaged over the cooling pot, for the steep. Hull and germ that
 * come loose go down the drain with the steep liquor. Constants are planning estimates that give what is commonly
 * published: 36–41 % moisture after the simmer, 45–51 % after the steep, 5–12 % of the dry matter lost.
 */
final readonly class Nixtamal
{
    private const FIELDS = ['corn_grams', 'masa_grams', 'lime_percent', 'simmer_minutes', 'steep_hours', 'kernel_moisture_percent', 'masa_moisture_percent', 'ready_at'];

    private const SATURATED = 1.0;

    private const SIMMER_PER_HOUR = 1.3;

    private const STEEP_PER_HOUR = 0.12;

    private const POT_WATER_PER_CORN = 3.0;

    /** Share of the dry matter lost: 2 % by rinsing, the rest with lime, simmer and steep. */
    private const RINSE_LOSS = 0.02;

    private const LIME_LOSS = 0.035;

    private const LOSS_REACH = [0.65, 1.5];

    private const MOISTURE_REACH_PERCENT = 2.0;

    private const RINSE_MINUTES = 15.0;

    private const GRIND_MINUTES_PER_KILOGRAM = 20.0;

    private const HEAT_UP_MINUTES = 20.0;

    private function __construct(
        private float $cornGrams,
        private float $limePercent,
        private float $simmerMinutes,
        private float $steepHours,
        private float $kernelMoisturePercent,
        private float $masaMoisturePercent,
        private ?\DateTimeImmutable $readyAt,
    ) {
    }

    /** @throws InvalidInput If anything in the document breaks the contract. */
    public static function read(mixed $document): self
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(self::FIELDS);
        $corn = $root->at('corn_grams')->optionalNumber(20, 50000, 'g');
        $masa = $root->at('masa_grams')->optionalNumber(20, 100000, 'g');
        if (($corn === null) === ($masa === null)) {
            $root->refuse($corn === null ? 'This does not say how much.' : 'Corn and masa together say too much.', 'one of corn_grams, masa_grams');
        }
        $nixtamal = new self(
            $corn ?? 1000.0,
            $root->at('lime_percent')->optionalNumber(0.3, 3, '% of the corn') ?? 1.0,
            $root->at('simmer_minutes')->optionalNumber(5, 120, 'min') ?? 40.0,
            $root->at('steep_hours')->optionalNumber(4, 24, 'h') ?? 12.0,
            $root->at('kernel_moisture_percent')->optionalNumber(6, 20, '%') ?? 10.4,
            $root->at('masa_moisture_percent')->optionalNumber(52, 57, '%') ?? 55.0,
            $root->at('ready_at')->optionalMoment(),
        );
        $findings->refuseIfAny();

        return $masa === null ? $nixtamal : $nixtamal->scaledTo($masa);
    }

    /** Moisture in % of the whole after the simmer. */
    public function simmeredMoisturePercent(): float
    {
        return self::wet($this->afterSimmer());
    }

    /** Moisture in % of the whole after the steep. */
    public function steepedMoisturePercent(): float
    {
        return self::wet(self::SATURATED - (self::SATURATED - $this->afterSimmer()) * exp(-self::STEEP_PER_HOUR * $this->steepHours));
    }

    /** Share of the corn's dry matter that leaves with liquor and rinse. */
    public function dryLossShare(): float
    {
        return self::RINSE_LOSS + self::LIME_LOSS * $this->limePercent * sqrt($this->simmerMinutes / 40) * sqrt($this->steepHours / 12);
    }

    public function dryGrams(): float
    {
        return $this->cornGrams * (1 - $this->kernelMoisturePercent / 100) * (1 - $this->dryLossShare());
    }

    public function drainedGrams(): float
    {
        return $this->dryGrams() / (1 - $this->steepedMoisturePercent() / 100);
    }

    public function masaGrams(): float
    {
        return max($this->drainedGrams(), $this->dryGrams() / (1 - $this->masaMoisturePercent / 100));
    }

    public function grindWaterGrams(): float
    {
        return $this->masaGrams() - $this->drainedGrams();
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $loss = $this->dryLossShare();
        $lossSpread = Spread::of($loss * self::LOSS_REACH[0], $loss, $loss * self::LOSS_REACH[1]);
        $masa = $this->masaGrams();
        $kept = static fn (float $share): float => $masa * (1 - $share) / (1 - $loss);

        return [
            'corn_grams' => Figure::exact($this->cornGrams, Unit::Gram, Reason::amount('Kernels with moisture of', $this->kernelMoisturePercent, Unit::Percent))->toArray(),
            'lime_grams' => Figure::exact($this->cornGrams * $this->limePercent / 100, Unit::Gram, Reason::amount('Of the corn', $this->limePercent, Unit::Percent))->toArray(),
            'pot_water_grams' => Figure::exact($this->cornGrams * self::POT_WATER_PER_CORN, Unit::Gram, Reason::saying('Three times the corn, so that it stays covered.'))->toArray(),
            'simmered_moisture_percent' => $this->moisture($this->simmeredMoisturePercent(), Reason::amount('Simmered for', $this->simmerMinutes, Unit::Minute)),
            'steeped_moisture_percent' => $this->moisture($this->steepedMoisturePercent(), Reason::amount('Steeped for', $this->steepHours, Unit::Hour)),
            'dry_loss_percent' => Figure::spread($lossSpread->multipliedBy(100), Unit::Percent, Reason::saying('Hull and germ that go with liquor and rinse; more with more lime and time.'))->toArray(),
            'drained_grams' => Figure::exact($this->drainedGrams(), Unit::Gram, Reason::amount('Dry matter', $this->dryGrams(), Unit::Gram), Reason::amount('at a moisture of', $this->steepedMoisturePercent(), Unit::Percent))->toArray(),
            'grind_water_grams' => Figure::exact($this->grindWaterGrams(), Unit::Gram, Reason::amount('To a masa moisture of', $this->masaMoisturePercent, Unit::Percent), Reason::saying('A little at a time while grinding.'))->toArray(),
            'masa_grams' => Figure::spread(Spread::of($kept($lossSpread->high), $masa, $kept($lossSpread->low)), Unit::Gram, Reason::amount('Dry matter', $this->dryGrams(), Unit::Gram), Reason::amount('at a moisture of', 100 * (1 - $this->dryGrams() / $masa), Unit::Percent))->toArray(),
            'clock' => $this->clock(),
            'cautions' => [
                'Calcium hydroxide is caustic: eye protection, gloves, rinse at once with much water.',
                'Never an aluminium pot; steel or enamel.',
                'Let the hot pot cool where no one knocks it; chill what waits longer than its steep.',
                'Local codes and licensed practice stand above this.',
            ],
        ];
    }

    /** @return list<array{step: string, minutes: float, from_minutes: float, at: string|null}> */
    private function clock(): array
    {
        $steps = [
            ['Bring corn, water and lime to a simmer', self::HEAT_UP_MINUTES],
            ['Simmer, stirring now and then', $this->simmerMinutes],
            ['Steep, covered, off the heat', 60 * $this->steepHours],
            ['Drain, rinse and rub off the hulls', self::RINSE_MINUTES],
            ['Grind, adding the water', self::GRIND_MINUTES_PER_KILOGRAM * $this->drainedGrams() / 1000],
        ];
        $length = array_sum(array_column($steps, 1));
        $from = 0.0;
        $clock = [];
        foreach ($steps as [$step, $minutes]) {
            $before = (int) round(60 * ($length - $from));
            $clock[] = ['step' => $step, 'minutes' => round($minutes, 1), 'from_minutes' => round($from, 1), 'at' => $this->readyAt?->modify("-$before seconds")->format(\DateTimeInterface::RFC3339)];
            $from += $minutes;
        }

        return $clock;
    }

    private function scaledTo(float $masaGrams): self
    {
        return new self(
            $this->cornGrams * $masaGrams / $this->masaGrams(),
            $this->limePercent,
            $this->simmerMinutes,
            $this->steepHours,
            $this->kernelMoisturePercent,
            $this->masaMoisturePercent,
            $this->readyAt,
        );
    }

    /** @return array<string, mixed> */
    private function moisture(float $percent, Reason $because): array
    {
        return Figure::spread(Spread::of($percent - self::MOISTURE_REACH_PERCENT, $percent, $percent + self::MOISTURE_REACH_PERCENT), Unit::Percent, $because)->toArray();
    }

    /** Water per dry matter after the simmer. */
    private function afterSimmer(): float
    {
        $dry = $this->kernelMoisturePercent / (100 - $this->kernelMoisturePercent);

        return self::SATURATED - (self::SATURATED - $dry) * exp(-self::SIMMER_PER_HOUR * $this->simmerMinutes / 60);
    }

    private static function wet(float $waterPerDry): float
    {
        return 100 * $waterPerDry / (1 + $waterPerDry);
    }
}
