<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Iron;
use StoneMill\Bake\KitchenAir;
use StoneMill\Bake\LaidBread;
use StoneMill\Griddle\Exception\UnplannedSchool;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\School\Grease;
use StoneMill\School\PanStart;
use StoneMill\School\TurnSchool;

/** What is about to be laid on the griddle, and how it is to be turned. */
final readonly class Laying
{
    /**
     * @param int|null $turnCount of a bread that is turned all the time; null for as often as is usual
     * @param SteadyCycle|null $stride load after load; null for a first load on metal that stands at its setting
     * @param float $balance above 1 the touches between come sooner, below 1 later: it shifts colour from one face to the other
     *
     * @throws OutOfRange If the metal is no hotter than boiling water.
     */
    public function __construct(
        public UsualBaking $usual,
        public TurnSchool $school,
        public Grease $grease,
        public LaidBread $bread,
        public Iron $iron,
        public KitchenAir $kitchen,
        public Aim $aim,
        public float $balance = 1.0,
        public ?int $turnCount = null,
        public OvenFinish $finish = new OvenFinish,
        public ?SteadyCycle $stride = null,
    ) {
        OutOfRange::guard('surface temperature in °C', $iron->setCelsius, 120, 400);
    }

    public function thicknessMillimetres(): float
    {
        return $this->bread->thicknessMillimetres;
    }

    /** Of the empty metal, as it is held; where a burner is too weak for the load, so much less. */
    public function surfaceCelsius(): float
    {
        return $this->stride === null ? $this->iron->setCelsius : $this->stride->heldCelsius();
    }

    /** On metal of another heat; in its stride, that of its stride. */
    public function at(float $celsius): self
    {
        return $this->stride === null ? $this->with(iron: $this->iron->at($celsius)) : $this->inStride($this->stride->around($celsius));
    }

    public function inStride(SteadyCycle $stride): self
    {
        return $this->with(iron: $stride->iron, stride: $stride);
    }

    public function of(LaidBread $bread): self
    {
        return $this->with(bread: $bread);
    }

    public function by(TurnSchool $school): self
    {
        return $this->with(school: $school);
    }

    public function towards(Aim $aim, float $balance): self
    {
        return $this->with(aim: $aim, balance: $balance);
    }

    public function turned(?int $times): self
    {
        return new self($this->usual, $this->school, $this->grease, $this->bread, $this->iron, $this->kitchen, $this->aim, $this->balance, $times, $this->finish, $this->stride);
    }

    /** Whether it never lies on the hob: its pan is heated in the oven, or not at all. */
    public function skipsTheHob(): bool
    {
        return $this->school === TurnSchool::BroilerThenOven && $this->finish->pan !== PanStart::Hob;
    }

    /**
     * How practice turns it, as often as is wanted.
     *
     * @throws UnplannedSchool If this bread is not turned that way.
     */
    public function practice(): StylePlan
    {
        $plan = $this->usual->by($this->school);

        return $this->turnCount === null || $this->school !== TurnSchool::Continuous ? $plan : $plan->withTurns($this->turnCount);
    }

    private function with(?TurnSchool $school = null, ?LaidBread $bread = null, ?Iron $iron = null, ?Aim $aim = null, ?float $balance = null, ?SteadyCycle $stride = null): self
    {
        return new self(
            $this->usual,
            $school ?? $this->school,
            $this->grease,
            $bread ?? $this->bread,
            $iron ?? $this->iron,
            $this->kitchen,
            $aim ?? $this->aim,
            $balance ?? $this->balance,
            $this->turnCount,
            $this->finish,
            $stride ?? $this->stride,
        );
    }
}
