<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Griddle\Internal\TriedBakes;
use StoneMill\School\TurnSchool;

/**
 * Looks for the heat, the school and the times that come nearest to a wish. For each school a coarse run at a few heats and
 * leanings, then a finer look around the best: the model itself keeps loss and doneness, so colour, balance and puff are left
 * to find.
 */
final readonly class TurnSearch
{
    private const HEATS = 5;

    private const LEANS = [0.75, 1.0, 1.3];

    private const ROUNDS = 2;

    private const USUAL_TIMES = 4;

    private const TIMES = [3, 5, 6, 8];

    /** Layers times steps that all schools together may take: a third of a second of a small machine. A school that has spent its share stays with the best it tried. */
    private const WORK = 20_000.0;

    /** What a miss costs, by its size: planning weights for order only. */
    private const COST_SHADE = 1.0;

    private const COST_LOSS = 2.0;

    private const COST_KELVIN = 0.08;

    private const COST_NO_PUFF = 0.25;

    private const COST_BURNT = 2.0;

    public function __construct(public TurnWish $wish)
    {
    }

    /** @return non-empty-list<PlannedBake> the best of each school as roughly baked, the best of all first and baked finely */
    public function best(Laying $laying): array
    {
        $found = array_map(fn (TurnSchool $school): PlannedBake => $this->bySchool($laying->by($school)), $this->wish->schools);
        usort($found, fn (PlannedBake $one, PlannedBake $other): int => $this->cost($one) <=> $this->cost($other));
        $found[0] = (new ModelTurnPlanner)->bake(SteadyCycle::settled($found[0]->laying));

        return $found;
    }

    /** @return list<string> what of the wish a plan does not meet, and what would */
    public function unmet(PlannedBake $baked): array
    {
        return array_map(static fn (Missed $missed): string => $missed->inWords(), $baked->missed());
    }

    private function bySchool(Laying $laying): PlannedBake
    {
        // A bread that is turned all the time is turned as often as serves it best; every other school has its own number.
        $isContinuous = $laying->school === TurnSchool::Continuous;
        $coarse = new TriedBakes($isContinuous ? $laying->turned(self::USUAL_TIMES) : $laying, $this->wish->aim, $this->cost(...), self::WORK / count($this->wish->schools));
        [$heat, $lean, $apart] = $this->coarsely($coarse, $laying->surfaceCelsius());
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $apart /= 2;
            [$heat] = $this->cheapest($coarse, $apart > 0 ? [$heat, $heat - $apart, $heat + $apart] : [$heat], [$lean]);
            [, $lean] = $this->cheapest($coarse, [$heat], [$lean, $lean / 1.08, $lean * 1.08]);
        }
        foreach ($isContinuous ? self::TIMES : [] as $times) {
            $coarse->cost($heat, $lean, $times);
        }

        return $coarse->best();
    }

    /** @return array{float, float, float} heat, lean and how far apart the heats were */
    private function coarsely(TriedBakes $coarse, float $usualHeat): array
    {
        if ($this->wish->heat === null) {
            return [...$this->cheapest($coarse, [$usualHeat], self::LEANS), 0.0];
        }
        [$least, $most] = $this->wish->heat;
        $apart = ($most - $least) / (self::HEATS - 1);
        // From the hottest down: hot bakes are short, and where the work is spent on the way the cold ones are left out.
        $heats = array_map(static fn (int $step): float => $most - $step * $apart, range(0, self::HEATS - 1));
        [$heat] = $this->cheapest($coarse, $heats, [1.0]);

        return [...$this->cheapest($coarse, [$heat], self::LEANS), $apart];
    }

    /**
     * @param non-empty-list<float> $heats
     * @param non-empty-list<float> $leans
     * @return array{float, float}
     */
    private function cheapest(TriedBakes $coarse, array $heats, array $leans): array
    {
        $best = [$heats[0], $leans[0]];
        $least = INF;
        foreach ($heats as $heat) {
            foreach ($leans as $lean) {
                $cost = $this->outside($heat) ? INF : $coarse->cost($heat, $lean, null);
                if ($cost < $least) {
                    $least = $cost;
                    $best = [$heat, $lean];
                }
            }
        }

        return $best;
    }

    private function outside(float $heat): bool
    {
        return $this->wish->heat !== null && ($heat < $this->wish->heat[0] - 1e-6 || $heat > $this->wish->heat[1] + 1e-6);
    }

    private function cost(PlannedBake $baked): float
    {
        $bake = $baked->work->bake;
        $aim = $this->wish->aim;
        $cost = self::COST_LOSS * abs($bake->lossShare() / $aim->lossShare - 1)
            + self::COST_KELVIN * max(0.0, $aim->doneCelsius - $baked->hottestCentreCelsius())
            + ($aim->wantsPuff && ! $bake->isPuffed() ? self::COST_NO_PUFF : 0.0);
        foreach ($baked->faces() as $face) {
            $cost += $face->contactSeconds > 0 ? self::COST_SHADE * abs($face->shade - $aim->shade) : 0.0;
            $cost += $face->shade > Face::BURNT ? self::COST_BURNT * ($face->shade - Face::BURNT) : 0.0;
        }

        return $cost;
    }
}
