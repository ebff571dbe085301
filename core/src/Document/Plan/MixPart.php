<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Document\Figures;
use StoneMill\Dough\Rise;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\Plan\DoughPlan;
use StoneMill\Plan\PlanRequest;

/** How warm the dough is mixed, how much of its starch swells, and how it rises. */
final readonly class MixPart
{
    public function __construct(private PlanRequest $request, private DoughPlan $dough)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $bowl = $this->request->water->bowlCelsius;

        return [
            'celsius' => Figures::json(Figure::spread(
                Spread::of($this->dough->mixCelsius - 2, $this->dough->mixCelsius, $this->dough->mixCelsius + 2),
                Unit::Celsius,
                Reason::amount('Water', $this->dough->waterCelsius, Unit::Celsius),
                Reason::amount('Flour and the rest at', $this->request->room->celsius, Unit::Celsius),
                Reason::amount('Bowl at', $bowl ?? $this->request->room->celsius, Unit::Celsius),
                Reason::saying('Heat given equals heat taken, less 4 % of the excess over the room while mixing.'),
            )),
            'swollen_share' => Figures::json(Figure::exact(
                $this->dough->ledger->swollenShare(),
                Unit::Share,
                Reason::amount('At a dough temperature of', $this->dough->mixCelsius, Unit::Celsius),
                Reason::amount('Flour cooked in the pot', $this->request->potShare(), Unit::Share),
                Reason::saying('Starch swells between its onset and its end; the flour cooked in the pot is counted as swollen.'),
            )),
            'scald' => $this->dough->scald === null ? null : (new ScaldPart($this->dough->scald))->json(),
            'pot_share' => round($this->request->potShare(), 4),
            'hand_warm_minutes' => Figures::json($this->dough->handWarmMinutes),
            'knead_seconds' => $this->request->kneadSeconds(),
            'worked' => $this->request->worked->value,
            'kneading_warms_kelvin' => round($this->dough->kneadedCelsius - $this->dough->mixCelsius, 2),
        ];
    }

    /** @return array<string, mixed>|null */
    public function rise(): ?array
    {
        $rise = $this->dough->rise;
        if ($rise === null) {
            return null;
        }

        return [
            'minutes' => $rise->minutes === null ? null : Figures::json(Figure::spread(
                $rise->minutes,
                Unit::Minute,
                Reason::amount('Mean dough temperature', $rise->meanCelsius, Unit::Celsius),
                Reason::amount('Grown to, of its first size', 100 * $rise->growth, Unit::Percent),
                Reason::saying('The eye decides: a mark on the bowl is surer than the clock.'),
            )),
            'growth' => $rise->growth,
            'mean_celsius' => round($rise->meanCelsius, 4),
            'bloom_celsius' => ['low' => Rise::BLOOM_CELSIUS[0], 'high' => Rise::BLOOM_CELSIUS[1]],
            'harmed_celsius' => Rise::HARMED_CELSIUS,
            'dead_celsius' => Rise::DEAD_CELSIUS,
        ];
    }
}
