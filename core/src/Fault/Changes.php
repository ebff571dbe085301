<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Dough\LedgerRow;
use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Limits;
use StoneMill\Plan\RequestChange;
use StoneMill\Record\BatchState;
use StoneMill\School\After;
use StoneMill\School\Grease;
use StoneMill\School\Knead;
use StoneMill\School\Measuring;
use StoneMill\School\Rest;
use StoneMill\School\Scald;
use StoneMill\School\TurnSchool;
use StoneMill\School\WaterSchool;
use StoneMill\Swap\Lines;

/** Changes of a plan request that would mend a fault, each by its plan's own rules. What the request has already is not offered. */
final readonly class Changes
{
    /** Water where no hand has said how much is missing, in points. */
    private const USUAL_POINTS = 4.0;

    private const BINDER_SHARE = 0.12;

    private const FAT_POINTS = 2.0;

    private const SALT_PERCENT = 1.5;

    private const LESS_SHARE = 0.7;

    private const PIECE_SHARE = 0.15;

    private const WARM_CELSIUS = 40.0;

    private const RISE_CELSIUS = 28.0;

    private BatchPlan $plan;

    private BatchState $state;

    private RemedySteps $steps;

    public function __construct(Circumstances $batch)
    {
        $this->plan = $batch->plan;
        $this->state = $batch->state;
        $this->steps = new RemedySteps($batch->plan);
    }

    /** Null where it is so already, or does not apply to this bread. */
    public function change(NextChange $kind): ?Change
    {
        $method = $this->plan->request->method;

        return match ($kind) {
            NextChange::MoreWater, NextChange::LessWater => $this->water($kind),
            NextChange::MoreScald => match ($method->scald) {
                Scald::None, Scald::PourOver => new Change($kind, 'Cook half of the flour in the pot', RequestChange::school(Scald::HalfInPot)),
                Scald::HalfInPot => new Change($kind, 'Cook all of the flour in the pot', RequestChange::school(Scald::AllInPot)),
                Scald::AllInPot => null,
            },
            NextChange::BoilingWater => $this->plan->dough->waterCelsius > 92 ? null : new Change($kind, 'Pour the water boiling', RequestChange::school(WaterSchool::Boiling)),
            NextChange::WarmWater => $this->plan->dough->waterCelsius <= self::WARM_CELSIUS + 5 ? null : new Change($kind, sprintf('Take water of %.0f °C', self::WARM_CELSIUS), RequestChange::waterOf(self::WARM_CELSIUS)),
            NextChange::WarmDough => new Change($kind, sprintf('Mix it to %.0f °C', self::RISE_CELSIUS), RequestChange::doughOf(self::RISE_CELSIUS)),
            NextChange::LongerRest => $this->longerRest(),
            NextChange::NoRest => $this->restMinutes() <= 0 ? null : new Change($kind, 'Leave out the rest', RequestChange::school(Rest::None)),
            NextChange::KneadMore => match ($method->knead) {
                Knead::JustTogether => new Change($kind, 'Knead it 2 to 3 min', RequestChange::school(Knead::TwoThreeMinutes)),
                Knead::TwoThreeMinutes => new Change($kind, 'Knead it 6 to 8 min', RequestChange::school(Knead::SixEightMinutes)),
                Knead::SixEightMinutes => null,
            },
            NextChange::MoreBinder, NextChange::LessBinder => $this->binder($kind),
            NextChange::MoreFat, NextChange::LessFat => $this->fat($kind),
            NextChange::MoreSalt => $this->most(Role::Salt) === null ? $this->line($kind, 'salt', self::SALT_PERCENT) : null,
            NextChange::LessAcid => $this->less($kind, Role::Acid),
            NextChange::LessLeavening => $this->less($kind, Role::Leavening),
            NextChange::Weigh => $method->measure === Measuring::Weight ? null : new Change($kind, 'Weigh the flour', RequestChange::school(Measuring::Weight)),
            NextChange::WipeFat => $method->grease->usesFat() ? null : new Change($kind, 'Wipe the metal with fat', RequestChange::school(Grease::Wiped)),
            NextChange::DryMetal => $method->grease === Grease::Dry ? null : new Change($kind, 'Bake it on dry metal', RequestChange::school(Grease::Dry)),
            NextChange::WetTop => $method->grease === Grease::WetTop ? null : new Change($kind, 'Brush its top with water', RequestChange::school(Grease::WetTop)),
            NextChange::PressOnGriddle => $this->press($kind),
            NextChange::StackInCloth => $method->after === After::StackInCloth ? null : new Change($kind, 'Stack it hot in a cloth', RequestChange::school(After::StackInCloth)),
            NextChange::CoolApart => $method->after === After::Rack ? null : new Change($kind, 'Let it cool on a rack', RequestChange::school(After::Rack)),
            default => $this->measures($kind),
        };
    }

    private function measures(NextChange $kind): ?Change
    {
        return match ($kind) {
            NextChange::Thicker, NextChange::Thinner => $this->thickness($kind),
            NextChange::SmallerPieces => $this->smallerPieces(),
            NextChange::Hotter, NextChange::Cooler => $this->heat($kind),
            NextChange::LongerBake, NextChange::ShorterBake => $this->bake($kind),
            NextChange::TurnLater, NextChange::TurnSooner => $this->balance($kind),
            default => null,
        };
    }

    private function water(NextChange $kind): ?Change
    {
        $felt = $this->state->tally()->bowl->lastFeel?->offsetPoints() ?? 0.0;
        $sign = $kind === NextChange::MoreWater ? 1.0 : -1.0;
        // Too dry by so many points wants so many points more, and the other way round.
        $points = -$felt * $sign > 0 ? abs($felt) : self::USUAL_POINTS;
        $now = $this->plan->dough->hydrationPercent();
        $bowl = $this->state->bowl();
        $poured = $this->state->hasBegun() && $bowl->isWhole() ? $bowl->hydrationPercent() : $now;
        $wanted = round(min(Limits::MOST_HYDRATION_PERCENT, max(0.0, $poured + $sign * $points)), 1);

        // What was poured otherwise than planned says nothing against the plan.
        return $sign * ($wanted - $now) < 0.5 ? null : new Change(
            $kind,
            sprintf('Plan %.0f %% of water instead of %.0f %%', $wanted, $now),
            RequestChange::hydration($wanted),
        );
    }

    private function longerRest(): ?Change
    {
        $now = 60 * $this->restMinutes();

        return match (true) {
            $now < Rest::Short->seconds() => new Change(NextChange::LongerRest, 'Let it rest for a while', RequestChange::school(Rest::Short)),
            $now < Rest::TwentyThirtyMinutes->seconds() => new Change(NextChange::LongerRest, 'Let it rest 20 to 30 min', RequestChange::school(Rest::TwentyThirtyMinutes)),
            default => null,
        };
    }

    /** As it rests now: as the cook set it, or as its school has it. */
    private function restMinutes(): float
    {
        return $this->plan->request->rests->minutes($this->plan->request->method->rest);
    }

    private function binder(NextChange $kind): ?Change
    {
        $dough = $this->plan->dough;
        $most = $this->most(Role::Binder);
        if ($kind === NextChange::LessBinder) {
            return $most === null ? null : $this->line($kind, $most->line->ingredient->id, self::LESS_SHARE * $most->percent);
        }
        $id = $most?->line->ingredient->id ?? Lines::USUAL_BINDER;
        $each = $this->plan->request->catalogue->ingredient($id)->coldBinding;
        $lacks = max(self::BINDER_SHARE * max(1.0, $dough->bindingNeed->index), $dough->bindingNeed->index - $dough->ledger->bindingIndex());

        return $each <= 0 ? null : $this->line($kind, $id, ($most->percent ?? 0.0) + $lacks / $each);
    }

    private function fat(NextChange $kind): ?Change
    {
        $most = $this->most(Role::Fat);
        $id = $most?->line->ingredient->id ?? Lines::USUAL_FAT;
        $now = $most->percent ?? 0.0;

        return match (true) {
            $kind === NextChange::MoreFat => $this->line($kind, $id, $now + self::FAT_POINTS),
            $most === null => null,
            default => $this->line($kind, $id, self::LESS_SHARE * $now),
        };
    }

    private function less(NextChange $kind, Role $role): ?Change
    {
        $most = $this->most($role);

        return $most === null ? null : $this->line($kind, $most->line->ingredient->id, self::LESS_SHARE * $most->percent);
    }

    private function line(NextChange $kind, string $ingredient, float $percent): Change
    {
        $lines = Lines::ofPlan($this->plan);
        $name = lcfirst($this->plan->request->catalogue->ingredient($ingredient)->name);

        // The next batch is weighed from whatever bags are open then.
        $changed = array_map(static fn (array $line): array => array_diff_key($line, ['lot' => true]), $lines->withPercent($ingredient, $percent)->toRequest());

        return new Change($kind, sprintf('%.1f %% of %s instead of %.1f %%', $percent, $name, $lines->percentOf($ingredient)), RequestChange::lines($changed));
    }

    private function thickness(NextChange $kind): ?Change
    {
        $now = $this->plan->disc->thicknessMillimetres;
        $wanted = round(min(Limits::MOST_THICKNESS_MM, max(Limits::LEAST_THICKNESS_MM, $this->steps->thicknessMillimetres($kind === NextChange::Thicker))), 1);
        if (abs($wanted - $now) < 0.05) {
            return null;
        }

        return new Change($kind, sprintf('%.1f mm thick instead of %.1f mm', $wanted, $now), RequestChange::thicknessAlone($this->steps->askedMillimetres($wanted)));
    }

    private function smallerPieces(): ?Change
    {
        $now = $this->plan->portions->pieceGrams();
        $wanted = round((1 - self::PIECE_SHARE) * $now);

        return $wanted < Limits::LEAST_PIECE_GRAMS ? null : new Change(NextChange::SmallerPieces, sprintf('Pieces of %.0f g instead of %.0f g', $wanted, $now), RequestChange::pieceOf($wanted)->and(RequestChange::anyWidth())->and($this->plan->request->keepsFlour() ? RequestChange::anyCount() : RequestChange::nothing()));
    }

    private function heat(NextChange $kind): ?Change
    {
        $now = $this->plan->turns->surfaceCelsius->value;
        $wanted = $this->steps->surfaceCelsius($kind === NextChange::Hotter);

        return abs($wanted - $now) < 1 ? null : new Change($kind, sprintf('Bake it at %.0f °C instead of %.0f °C', $wanted, $now), RequestChange::heat($wanted));
    }

    private function bake(NextChange $kind): Change
    {
        $wanted = $this->steps->weightLossPercent($kind === NextChange::LongerBake);

        return new Change($kind, sprintf('Bake it until it has lost %.0f %% instead of %.0f %%', $wanted, $this->plan->turns->weightLossPercent->value), RequestChange::weightLoss($wanted));
    }

    private function balance(NextChange $kind): Change
    {
        $isSooner = $kind === NextChange::TurnSooner;

        return new Change($kind, $isSooner ? 'Turn it sooner' : 'Turn it later', RequestChange::balance($this->steps->balance($isSooner)));
    }

    private function press(NextChange $kind): ?Change
    {
        $request = $this->plan->request;

        return $request->method->turns === TurnSchool::ThreeWithPress || ! $request->style->baking->knows(TurnSchool::ThreeWithPress)
            ? null
            : new Change($kind, 'Turn it three times, with a press', RequestChange::school(TurnSchool::ThreeWithPress));
    }

    private function most(Role $role): ?LedgerRow
    {
        return $this->plan->dough->ledger->most($role);
    }
}
