<?php

declare(strict_types=1);

namespace StoneMill\Mill;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Spread;

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
        public float $cornGrams,
        public float $limePercent,
        public float $simmerMinutes,
        public float $steepHours,
        public float $kernelMoisturePercent,
        public float $masaMoisturePercent,
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

    /** Share of the dry matter that is lost, as far as pots differ. */
    public function dryLoss(): Spread
    {
        $loss = $this->dryLossShare();

        return Spread::of($loss * self::LOSS_REACH[0], $loss, $loss * self::LOSS_REACH[1]);
    }

    /** What is lost of the dry matter is missing in the masa. */
    public function masa(): Spread
    {
        $loss = $this->dryLoss();
        $kept = fn (float $share): float => $this->masaGrams() * (1 - $share) / (1 - $loss->likely);

        return Spread::of($kept($loss->high), $this->masaGrams(), $kept($loss->low));
    }

    public function potWaterGrams(): float
    {
        return $this->cornGrams * self::POT_WATER_PER_CORN;
    }

    public function limeGrams(): float
    {
        return $this->cornGrams * $this->limePercent / 100;
    }

    /** A moisture in %, as far as kernels differ. */
    public static function moisture(float $percent): Spread
    {
        return Spread::of($percent - self::MOISTURE_REACH_PERCENT, $percent, $percent + self::MOISTURE_REACH_PERCENT);
    }

    /** @return list<PotStep> from the simmer to the ground masa */
    public function clock(): array
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
            $clock[] = new PotStep($step, $minutes, $from, $this->readyAt?->sub(new \DateInterval("PT{$before}S")));
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
