<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Griddle\Griddling;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Plan\BatchPlan;
use StoneMill\Record\BatchState;
use StoneMill\School\TurnAction;

/** What metal, clock and scale say of the bake. Limits and reaches are planning estimates. */
final readonly class GriddleSignals
{
    /** A reading this near to the plan is as planned. */
    private const NEAR_KELVIN = 8.0;

    private const NEAR_SHARE = 0.12;

    private const NEAR_LOSS_POINTS = 2.0;

    /** More of the plate than this under bread at once cools it. */
    private const CROWDED_SHARE = 0.6;

    private BatchPlan $plan;

    private BatchState $state;

    public function __construct(private Circumstances $batch)
    {
        $this->plan = $batch->plan;
        $this->state = $batch->state;
    }

    /** Null where nothing is known of it, or another room reads it. */
    public function read(Signal $signal): ?Evidence
    {
        return match ($signal) {
            Signal::MetalCool, Signal::MetalHot => $this->metal($signal),
            Signal::PlannedCool, Signal::PlannedHot => $this->planned($signal),
            Signal::BurnerWeak => $this->burner(),
            Signal::FirstShort, Signal::FirstLong => $this->lay($signal, 0, 'The first side'),
            Signal::LiftedEarly, Signal::LiftedLate => $this->lay($signal, 1, 'The second side'),
            Signal::LostMuch, Signal::LostLittle => $this->lost($signal),
            Signal::FreshMetal => $this->freshMetal(),
            Signal::DryMetal => $this->usesFat() ? Evidence::of($signal, -0.6, 'The metal has fat.') : Evidence::of($signal, 0.6, 'The metal is dry.'),
            Signal::FatOnMetal => $this->usesFat() ? Evidence::of($signal, 0.6, 'There is fat on the metal.') : Evidence::of($signal, -0.6, 'There is no fat on the metal.'),
            Signal::NoPress => $this->press(),
            Signal::ThickForPuff => Evidence::beyond($signal, $this->plan->disc->thicknessMillimetres, Griddling::PUFFS_UP_TO_MILLIMETRES, 1.5, sprintf('It is %.1f mm thick; up to %.1f mm opens.', $this->plan->disc->thicknessMillimetres, Griddling::PUFFS_UP_TO_MILLIMETRES)),
            Signal::Crowded => $this->crowded(),
            default => null,
        };
    }

    private function metal(Signal $signal): ?Evidence
    {
        [$empty, $loaded] = $this->state->griddle()->readings();
        $read = $empty !== [] ? $empty : $loaded;
        if ($read === []) {
            return null;
        }
        $mean = array_sum($read) / count($read);
        $wanted = $empty !== [] ? $this->state->plan()->heldCelsius : $this->state->plan()->surfaceCelsius;
        $text = sprintf('The metal was read at %.0f °C; %.0f °C was planned.', $mean, $wanted);

        return Evidence::beyond($signal, $signal === Signal::MetalCool ? $wanted - $mean : $mean - $wanted, self::NEAR_KELVIN, 12.0, $text);
    }

    private function planned(Signal $signal): Evidence
    {
        $usual = $this->plan->request->style->baking->surfaceCelsius;
        $celsius = $this->plan->turns->surfaceCelsius->value;
        $text = sprintf('Planned at %.0f °C; usual is %.0f to %.0f °C.', $celsius, $usual->low, $usual->high);

        return $signal === Signal::PlannedCool ? Evidence::beyond($signal, $celsius, $usual->low, -15.0, $text) : Evidence::beyond($signal, $celsius, $usual->high, 15.0, $text);
    }

    private function burner(): ?Evidence
    {
        $stride = $this->plan->turns->stride;

        return match (true) {
            $stride === null => null,
            $stride->holds() => Evidence::of(Signal::BurnerWeak, -0.5, 'This burner holds the heat under a full load.'),
            default => Evidence::of(Signal::BurnerWeak, 0.8, sprintf('Under a full load this burner holds %.0f °C, not %.0f.', $stride->bareCelsius, $stride->wantedCelsius)),
        };
    }

    /** Of the pieces that were lifted: how long that face lay, over what was planned. */
    private function lay(Signal $signal, int $face, string $what): ?Evidence
    {
        $griddle = $this->state->griddle();
        if ($griddle->lifted() === 0 || ($face === 1 && $this->plan->turns->turns === [])) {
            return null;
        }
        $share = $griddle->lieShares()[$face];
        $text = sprintf('%s lay %.0f %% of its planned time.', $what, 100 * $share);
        $isShort = $signal === Signal::FirstShort || $signal === Signal::LiftedEarly;

        return Evidence::beyond($signal, $isShort ? 1 - $share : $share - 1, self::NEAR_SHARE, 0.15, $text);
    }

    private function lost(Signal $signal): ?Evidence
    {
        $loss = $this->state->stackLossPercent();
        if ($loss === null) {
            return null;
        }
        $planned = $this->plan->turns->weightLossPercent->value;
        $text = sprintf('It lost %.0f %% of its weight; %.0f %% was planned.', $loss, $planned);

        return Evidence::beyond($signal, $signal === Signal::LostMuch ? $loss - $planned : $planned - $loss, self::NEAR_LOSS_POINTS, 2.5, $text);
    }

    private function freshMetal(): ?Evidence
    {
        if ($this->batch->piece === null) {
            return null;
        }
        $places = count($this->plan->packing->places);

        return $this->batch->piece <= $places
            ? Evidence::of(Signal::FreshMetal, 0.8, sprintf('Piece %d is of the first load.', $this->batch->piece))
            : Evidence::of(Signal::FreshMetal, -0.8, sprintf('Piece %d is of a later load.', $this->batch->piece));
    }

    private function press(): Evidence
    {
        $presses = array_filter($this->plan->turns->touches(), static fn (TurnWindow $touch): bool => $touch->action === TurnAction::Press) !== [];

        return $presses ? Evidence::of(Signal::NoPress, -0.5, 'It is pressed after its last turn.') : Evidence::of(Signal::NoPress, 0.6, 'It is not pressed on the griddle.');
    }

    private function crowded(): ?Evidence
    {
        $places = count($this->plan->packing->places);
        if ($places < 2) {
            return null;
        }
        $area = $this->plan->request->gear->areaSquareMillimetres($this->plan->disc->diameterMillimetres);
        $share = $places * M_PI / 4 * $this->plan->disc->diameterMillimetres ** 2 / $area;

        return Evidence::beyond(Signal::Crowded, $share, self::CROWDED_SHARE, 0.2, sprintf('%d pieces at once cover %.0f %% of the plate.', $places, 100 * $share));
    }

    private function usesFat(): bool
    {
        return $this->plan->request->method->grease->usesFat();
    }
}
