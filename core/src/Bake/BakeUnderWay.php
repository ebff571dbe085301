<?php

declare(strict_types=1);

namespace StoneMill\Bake;

use StoneMill\Bake\Internal\Exchange;
use StoneMill\Bake\Internal\Layers;
use StoneMill\Bake\Internal\Patch;
use StoneMill\Measure\Exception\OutOfRange;

/**
 * A bread on the griddle as time goes on: heat and water through its thickness, for each square metre. A turn swaps the order
 * of the layers. Equations and their sources are in docs/model.md. What crosses the outer borders is summed apart from
 * what the layers store, so that the residuals compare two independent sums.
 */
final class BakeUnderWay
{
    private const LONGEST_SECONDS = 7200;

    /** A face has gelled once it has lain this long. Planning estimate. */
    private const SETTING_SECONDS = 2.0;

    private Layers $layers;

    private Patch $patch;

    /** @var array{FaceState, FaceState} the lower face first */
    private array $faces;

    private float $seconds = 0.0;

    private float $sinceTouch = 0.0;

    private float $sinceAbove = 0.0;

    private float $step;

    private bool $upsideDown = false;

    private bool $puffed = false;

    private float $pressedFor = 0.0;

    private Above $above = Above::Open;

    /** @var array{Surround, Surround}|null what the open face and, off the metal, the lower one meet, as long as that stays the same */
    private ?array $surrounds = null;

    private float $heatIn = 0.0;

    private float $heatTaken = 0.0;

    private float $waterOut = 0.0;

    private float $steamRate = 0.0;

    private readonly Steps $steps;

    private readonly float $firstHeat;

    private readonly float $firstWater;

    private function __construct(
        public readonly LaidBread $bread,
        public readonly Iron $iron,
        public readonly KitchenAir $kitchen,
        public readonly Mesh $mesh,
        public readonly Physics $physics,
        public Recorder $recorder,
        float $patchCelsius,
    ) {
        $this->layers = new Layers($bread->matter, $physics, $bread, $mesh);
        $this->patch = new Patch($iron, $kitchen->roomCelsius, $patchCelsius);
        $film = $bread->matter->isOily ? Film::Oil : Film::None;
        $this->faces = [new FaceState($bread->celsius, $bread->matter->waterPerDry, $film), new FaceState($bread->celsius, $bread->matter->waterPerDry, $film)];
        $this->steps = $mesh->steps($bread->thicknessMillimetres);
        $this->step = $this->steps->first;
        $this->firstHeat = array_sum($this->layers->enthalpy);
        $this->firstWater = array_sum($this->layers->water);
    }

    /** A run can be tried out: what is done to a copy leaves the run itself as it is. */
    public function __clone()
    {
        $this->layers = clone $this->layers;
        $this->patch = clone $this->patch;
        $this->faces = [clone $this->faces[0], clone $this->faces[1]];
        $this->recorder = $this->recorder->silenced();
    }

    /** @param float|null $patchCelsius of the metal where the bread is laid, if it has not recovered from the one before */
    public static function begin(LaidBread $bread, Iron $iron, KitchenAir $kitchen, ?Mesh $mesh = null, ?float $patchCelsius = null, Physics $physics = new Physics, ?float $bareCelsius = null): self
    {
        $bake = new self($bread, $iron, $kitchen, $mesh ?? Mesh::fitting($bread->thicknessMillimetres), $physics, new Recorder, $patchCelsius ?? $iron->setCelsius);
        $bake->patch->bareCelsius = $bareCelsius ?? $bake->patch->celsius;
        $bake->recorder->note($bake, true);

        return $bake;
    }

    /** @throws OutOfRange If time would run backwards or past two hours. */
    public function lie(float $seconds): void
    {
        OutOfRange::guard('seconds on the griddle', $seconds, 0, self::LONGEST_SECONDS - $this->seconds);
        $end = $this->seconds + $seconds;
        while ($end - $this->seconds > 1e-9) {
            $this->advance($end - $this->seconds);
        }
    }

    /** One step of the model's own length, at most this long. */
    public function advance(float $most): void
    {
        $step = min($this->step, $most);
        // A crumb of a step at the end would cost as much as a whole one.
        $this->stepBy($most - $step < 0.3 * $step ? $most : $step);
        // Hot air and the broiler brown the open face ever faster; only on the metal does a long lie become calm.
        $calm = $this->above === Above::Open || $this->above === Above::Covered ? $this->sinceTouch : 0.0;
        $this->step = $this->steps->after($this->step, $calm, $this->above === Above::Broiler);
        $this->recorder->note($this, false);
    }

    public function turn(): void
    {
        $this->layers->reverse();
        $this->faces = [$this->faces[1], $this->faces[0]];
        $this->upsideDown = ! $this->upsideDown;
        $this->touched();
    }

    /** Presses the bread to the metal for some seconds. */
    public function press(float $seconds): void
    {
        $this->pressedFor = $seconds;
        $this->touched();
    }

    /** The bread fills with steam: its middle opens, and it rests on its rim. */
    public function puff(): void
    {
        $this->puffed = true;
    }

    public function bringUnder(Above $above): void
    {
        $this->above = $above;
        $this->surrounds = null;
        $this->sinceAbove = 0.0;
        $this->touched();
    }

    /** Oil between the metal and the face that lies on it, from now on. */
    public function oilBelow(): void
    {
        $this->faces[0]->film = Film::Oil;
        $this->touched();
    }

    /** Oil brushed on the open face: it comes to the metal with the next turn. */
    public function oilAbove(): void
    {
        $this->faces[1]->film = Film::Oil;
    }

    /** Water brushed on the open face, in kg per m², at the kitchen's temperature. */
    public function wetTop(float $kilogramPerSquareMetre): void
    {
        OutOfRange::guard('water on the top in kg per m²', $kilogramPerSquareMetre, 0, 1);
        $heat = $kilogramPerSquareMetre * Steam::liquidEnthalpy($this->kitchen->roomCelsius);
        $this->layers->wet($this->layers->last, $kilogramPerSquareMetre, $heat);
        $this->waterOut -= $kilogramPerSquareMetre;
        $this->heatIn += $heat;
        $this->touched();
    }

    /** Another setting of the burner, from now on. */
    public function setKnob(float $celsius): void
    {
        $this->patch->set($this->iron->at($celsius));
        $this->touched();
    }

    /** kg/(m²·s) of steam and vapour that left in the last step, through faces and rim. */
    public function steamRate(): float
    {
        return $this->steamRate;
    }

    public function secondsOn(): float
    {
        return $this->seconds;
    }

    /** @return list<float> temperatures in °C from the face that was laid first to the other */
    public function profile(): array
    {
        return $this->fromFirstFace($this->layers->celsius);
    }

    /** @return list<float> kg water per kg dry matter, in the same order */
    public function waterProfile(): array
    {
        return $this->fromFirstFace(array_map(static fn (float $water, float $dry): float => $water / $dry, $this->layers->water, $this->layers->dry));
    }

    /** @return list<float> highest temperature so far of each layer, in the same order */
    public function peaks(): array
    {
        return $this->fromFirstFace($this->layers->peak);
    }

    public function below(): FaceState
    {
        return $this->faces[0];
    }

    public function above(): FaceState
    {
        return $this->faces[1];
    }

    /** @return array{FaceState, FaceState} the face that was laid first, then the other */
    public function faces(): array
    {
        return $this->upsideDown ? [$this->faces[1], $this->faces[0]] : $this->faces;
    }

    public function isUpsideDown(): bool
    {
        return $this->upsideDown;
    }

    public function isPuffed(): bool
    {
        return $this->puffed;
    }

    public function metalCelsius(): float
    {
        return $this->patch->celsius;
    }

    /** Of the metal around the breads. */
    public function bareMetalCelsius(): float
    {
        return $this->patch->bareCelsius;
    }

    public function lowestMetalCelsius(): float
    {
        return $this->patch->lowestCelsius;
    }

    /** Middle of the bread; between two layers their mean. */
    public function centreCelsius(): float
    {
        $middle = intdiv($this->mesh->layers, 2);
        $celsius = $this->layers->celsius;

        return $this->mesh->layers % 2 === 1 ? $celsius[$middle] : ($celsius[$middle - 1] + $celsius[$middle]) / 2;
    }

    public function centreWaterPerDry(): float
    {
        return $this->layers->waterPerDry(intdiv($this->mesh->layers, 2));
    }

    /** Share of its weight that the bread has lost. */
    public function lossShare(): float
    {
        $dry = array_sum($this->layers->dry);

        return 1 - (array_sum($this->layers->water) + $dry) / ($this->firstWater + $dry);
    }

    /** What the sums leave unexplained, as shares of the heat taken up and of the first water. */
    public function residuals(): Residuals
    {
        $taken = max(1.0, $this->heatTaken);

        return new Residuals(
            abs(array_sum($this->layers->enthalpy) - $this->firstHeat - $this->heatIn) / $taken,
            abs(array_sum($this->layers->water) - $this->firstWater + $this->waterOut) / max(1e-9, $this->firstWater),
            $this->patch->unexplained() / $taken,
        );
    }

    private function touched(): void
    {
        $this->sinceTouch = 0.0;
        $this->step = $this->steps->first;
        $this->recorder->note($this, true);
    }

    private function stepBy(float $dt): void
    {
        [$around, $below] = $this->surrounds();
        $between = $this->layers->conductances($this->puffed);
        $above = $this->exchange($around, $this->layers->last, $dt);
        if ($this->above->leavesTheMetal()) {
            $this->stepOff($dt, $between, $above, $this->exchange($below, 0, $dt));
        } else {
            $this->stepOn($dt, $between, $above);
        }
        $this->seconds += $dt;
        $this->sinceTouch += $dt;
        $this->sinceAbove += $dt;
        $this->pressedFor = max(0.0, $this->pressedFor - $dt);
    }

    /** @param array<int, float> $between */
    private function stepOn(float $dt, array $between, Exchange $above): void
    {
        $contact = Contact::conductance($this->physics, $this->faces[0], $this->sinceTouch, $this->puffed, $this->pressedFor > 0);
        $toMiddle = 1 / (1 / $contact + $between[0]);
        $new = $this->layers->conducted($dt, $this->patch->row($dt, false), $toMiddle, $between, $above, null);
        $taken = $dt * $toMiddle * ($new[0] - $new[1]);
        $rim = $this->physics->rimShare + ($this->physics->wetRimShare - $this->physics->rimShare) * Contact::wetness($this->layers->waterPerDry(0));
        $this->exchangeAbove($dt, $between, $new, $above, $taken, 0.0, 0.0, $rim);
        $this->patch->settle($dt, $new[0], $taken, false);
        $this->faces[0]->celsius = $new[0] - $taken / $dt / $contact;
        $this->faces[0]->lieFor($dt, $this->sinceTouch > self::SETTING_SECONDS);
        $this->colour($dt, 0, $this->patch->celsius);
        $this->colour($dt, 1, null);
    }

    /** @param array<int, float> $between */
    private function stepOff(float $dt, array $between, Exchange $above, Exchange $below): void
    {
        $new = $this->layers->conducted($dt, $this->patch->row($dt, true), 0.0, $between, $above, $below);
        $taken = -$dt * $below->heat($new[1]);
        $vapour = $dt * $below->vapour($new[1]);
        $this->exchangeAbove($dt, $between, $new, $above, $taken, -$vapour, -$vapour * $below->vapourEnthalpy, 0.5);
        $this->patch->settle($dt, $new[0], 0.0, true);
        $this->faces[0]->celsius = $new[1] + $taken / $dt * $between[0];
        $this->colour($dt, 0, null);
        $this->colour($dt, 1, null);
    }

    /**
     * @param array<int, float> $between
     * @param array<int, float> $new
     * @param float $taken J that come in from below without vapour
     */
    private function exchangeAbove(float $dt, array $between, array $new, Exchange $above, float $taken, float $waterBelow, float $heatOfWaterBelow, float $rim): void
    {
        $top = $new[$this->layers->last + 1];
        $given = $dt * $above->heat($top);
        $vapour = $dt * $above->vapour($top);
        $heatOut = $given + $vapour * $above->vapourEnthalpy;
        $this->layers->flow($dt, $between, $new, $taken + $heatOfWaterBelow, $waterBelow, $heatOut, $vapour);
        [$steam, $steamHeat] = $this->layers->boil($dt, $rim);
        $this->heatTaken += abs($taken) + abs($given);
        $this->heatIn += $taken + $heatOfWaterBelow - $heatOut - $steamHeat;
        $this->waterOut += $vapour - $waterBelow + $steam;
        $this->steamRate = ($vapour - $waterBelow + $steam) / $dt;
        $this->faces[1]->celsius = $top - $given / $dt * $between[$this->layers->last + 1];
    }

    /** @return array{Surround, Surround} */
    private function surrounds(): array
    {
        if ($this->surrounds !== null) {
            return $this->surrounds;
        }
        $around = $this->above->surround($this->kitchen, $this->physics, $this->sinceAbove);
        $found = [$around, $this->above->leavesTheMetal() ? $this->above->surroundBelow($this->kitchen, $this->physics, $this->sinceAbove) : $around];
        $this->surrounds = $this->above->staysTheSame() ? $found : null;

        return $found;
    }

    private function exchange(Surround $around, int $layer, float $dt): Exchange
    {
        // A layer can't give more than half of its water in one step.
        return Exchange::of($around, $this->layers->celsius[$layer], $this->layers->waterPerDry($layer), 0.5 * $this->layers->water[$layer] / $dt);
    }

    /** @param float|null $metalCelsius where the face lies on metal */
    private function colour(float $dt, int $side, ?float $metalCelsius): void
    {
        $face = $this->faces[$side];
        $matter = $this->bread->matter;
        $waterPerDry = $this->layers->waterPerDry($side === 0 ? 0 : $this->layers->last);
        $spot = $face->celsius;
        if ($metalCelsius !== null && $waterPerDry < $matter->waterPerDry) {
            $close = $face->film === Film::Oil ? $this->physics->oiledSpotShare : $this->physics->spotShare;
            $spot += $close * (1 - $waterPerDry / $matter->waterPerDry) * ($metalCelsius - $spot);
        }
        $face->brownBy($dt, $spot, $waterPerDry, $matter->readiness);
    }

    /**
     * @param array<int, float> $fromBelow
     * @return list<float>
     */
    private function fromFirstFace(array $fromBelow): array
    {
        return array_values($this->upsideDown ? array_reverse($fromBelow) : $fromBelow);
    }
}
