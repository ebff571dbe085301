<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Dough\FeelGrade;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\Record\BatchState;
use StoneMill\School\Grease;
use StoneMill\School\Rest;
use StoneMill\School\Texture;
use StoneMill\Shape\Disc;

/** What can be done now, worked out by the plan's own rules. An act that is past is not offered. */
final readonly class Acts
{
    private const OIL_GRAMS_A_PIECE = 0.5;

    private const OVEN_SECONDS_A_MILLIMETRE = 25.0;

    private BatchPlan $plan;

    private BatchState $state;

    private RemedySteps $steps;

    public function __construct(Circumstances $batch)
    {
        $this->plan = $batch->plan;
        $this->state = $batch->state;
        $this->steps = new RemedySteps($batch->plan);
    }

    /** Null where it is too late for it, or where it does not apply to this bread. */
    public function act(NowAct $kind): ?Act
    {
        return match ($kind) {
            NowAct::WorkInWater, NowAct::WorkInDryMix => $this->workIn($kind),
            NowAct::TurnDown, NowAct::TurnUp => $this->heat($kind),
            NowAct::LieLonger, NowAct::LieShorter => $this->loss($kind),
            NowAct::TurnLater => $this->turnLater(),
            NowAct::WetNext, NowAct::WipeFat => $this->grease($kind),
            NowAct::PressLess, NowAct::PressMore => $this->press($kind),
            NowAct::RestOn, NowAct::KneadOn, NowAct::Whisk, NowAct::Sieve, NowAct::WarmSpot => $this->onTheGriddleYet() ? null : Act::by($kind, $this->waiting($kind)),
            NowAct::CoverNow, NowAct::WetHands, NowAct::OilHands, NowAct::OilLiner, NowAct::EvenOut, NowAct::SealAgain => $this->allIsLaid() ? null : Act::by($kind, $this->onTheBoard($kind)),
            default => Act::by($kind, $this->atTheHeat($kind)),
        };
    }

    private function workIn(NowAct $kind): ?Act
    {
        if ($this->onTheGriddleYet() || ! $this->state->hasBegun()) {
            return null;
        }
        $felt = $this->state->bowl()->feel();
        $isDry = $kind === NowAct::WorkInWater;
        // What was felt says how much; unfelt, the smallest step that mends anything.
        $fits = $felt !== null && ($isDry ? $felt->offsetPoints() < 0 : $felt->offsetPoints() > 0);
        $grade = $fits ? $felt : ($isDry ? FeelGrade::Cracking : FeelGrade::Tacky);
        $correction = $this->state->bowl()->correctionFor($grade);
        $verb = $this->plan->request->texture === Texture::Batter ? 'Stir' : 'Work';
        if ($isDry) {
            $grams = $correction->waterGrams->likely;

            return Act::workingIn($kind, sprintf('%s in %s of water, wait a minute, and feel again.', $verb, $this->grams($grams)), $grams, 0.0);
        }
        $flour = $correction->flourGrams->likely;

        return Act::workingIn($kind, sprintf('%s in %s of the dry mix, wait a minute, and feel again.', $verb, $this->grams($this->state->bowl()->dryMixGrams($flour))), 0.0, $flour);
    }

    private function heat(NowAct $kind): ?Act
    {
        $now = $this->plan->turns->surfaceCelsius->value;
        $wanted = $this->steps->surfaceCelsius($kind === NowAct::TurnUp);

        return abs($wanted - $now) < 1 ? null : Act::replanning(
            $kind,
            sprintf('Turn the flame %s: %.0f °C instead of %.0f °C. Give the metal two minutes.', $kind === NowAct::TurnDown ? 'down' : 'up', $wanted, $now),
            RequestChange::heat($wanted),
        );
    }

    private function loss(NowAct $kind): Act
    {
        return Act::replanning(
            $kind,
            $kind === NowAct::LieLonger ? 'Leave the next pieces on a little longer: the plan moves every turn.' : 'Take the next pieces off a little sooner: the plan moves every turn.',
            RequestChange::weightLoss($this->steps->weightLossPercent($kind === NowAct::LieLonger)),
        );
    }

    private function turnLater(): Act
    {
        return Act::replanning(NowAct::TurnLater, 'Leave the next pieces on their first side longer: a face that has set lets go by itself.', RequestChange::balance($this->steps->balance(false)));
    }

    private function grease(NowAct $kind): ?Act
    {
        $grease = $kind === NowAct::WetNext ? Grease::WetTop : Grease::Wiped;

        return $this->plan->request->method->grease === $grease ? null : Act::replanning(
            $kind,
            $kind === NowAct::WetNext ? 'Brush the next one with a wet hand once it lies, before the first turn.' : sprintf('Wipe the metal with %.1f g of oil before each piece.', self::OIL_GRAMS_A_PIECE),
            RequestChange::school($grease),
        );
    }

    private function press(NowAct $kind): ?Act
    {
        if ($this->allIsLaid()) {
            return null;
        }
        $disc = $this->plan->disc;
        $millimetres = $this->steps->thicknessMillimetres($kind === NowAct::PressLess);
        $wide = Disc::ofWeightAndThickness($disc->grams, $millimetres, $disc->gramsPerMillilitre)->diameterMillimetres;

        $text = sprintf('%s the next ones: to %.1f mm, %.0f mm wide.', $kind === NowAct::PressLess ? 'Press less on' : 'Press more on', $millimetres, $wide);

        // A width that was asked for stays the plan's until this batch is made.
        return $this->plan->request->pieces->diameterMillimetres !== null
            ? Act::by($kind, $text)
            : Act::replanning($kind, $text, RequestChange::thickness($this->steps->askedMillimetres($millimetres)));
    }

    private function waiting(NowAct $kind): string
    {
        $rest = max(Rest::Short->seconds(), $this->plan->restSeconds) / 60;

        return match ($kind) {
            NowAct::RestOn => sprintf('Cover it and leave it %.0f min: flour, gum and psyllium go on drinking. Then feel again.', $rest),
            NowAct::KneadOn => 'Knead it 2 min more, until no dry flour shows in a torn piece.',
            NowAct::Whisk => 'Whisk it until it runs off the spoon without a break, then leave it 10 min.',
            NowAct::Sieve => 'Press it through a sieve, or rub the lumps flat with a wet spoon.',
            default => 'Put the bowl where it is warm, 28 to 32 °C, and look again in 20 min.',
        };
    }

    private function onTheBoard(NowAct $kind): string
    {
        $left = $this->plan->request->style->uncoveredSeconds / 60;

        return match ($kind) {
            NowAct::CoverNow => $left > 0 ? sprintf('Cover what waits with a damp cloth; shape only what is laid within %.0f min.', $left) : 'Cover what waits with a damp cloth.',
            NowAct::WetHands => 'Roll each ball anew between wet hands, and press the rim smooth.',
            NowAct::OilHands => 'Oil or wet your hands; use a scraper for what stays on the board.',
            NowAct::OilLiner => sprintf('Wipe the liner with %.1f g of oil for each piece, and peel the liner off the dough, not the dough off it.', self::OIL_GRAMS_A_PIECE),
            NowAct::EvenOut => 'Turn each disc by a third between two light presses.',
            default => 'Pinch the seam with a wet finger, and lay it with the seam down.',
        };
    }

    private function atTheHeat(NowAct $kind): string
    {
        $millimetres = $this->plan->disc->thicknessMillimetres;

        return match ($kind) {
            NowAct::WaitForHeat => sprintf('Wait until the bare metal is at %.0f °C again before the next one is laid.', $this->plan->turns->surfaceCelsius->value),
            NowAct::FewerAtOnce => sprintf('Lay %d at a time instead of %d.', max(1, count($this->plan->packing->places) - 1), max(2, count($this->plan->packing->places))),
            NowAct::WipeClean => 'Wipe loose and burnt flour off the metal with a dry cloth, and open a window.',
            NowAct::PressPuff => 'After the last turn press its middle with a folded cloth for 5 s; steam comes out at the rim, keep your hand above it.',
            NowAct::StackCovered => sprintf('Stack them in a cloth for %.0f min; their own steam softens them.', max(300, $this->plan->request->style->stackSeconds) / 60),
            NowAct::CoolApart => 'Lay them side by side on a rack until no steam rises, then stack.',
            NowAct::BakeThrough => sprintf('Finish them in the oven at %.0f °C for %.0f min.', $this->plan->request->gear->oven->air($this->plan->request->room->celsius)->ovenCelsius, max(3.0, self::OVEN_SECONDS_A_MILLIMETRE * $millimetres / 60)),
            default => 'Serve it warm and soon: it will not get better by keeping.',
        };
    }

    private function onTheGriddleYet(): bool
    {
        return $this->state->griddle()->since() !== null;
    }

    private function allIsLaid(): bool
    {
        return $this->state->griddle()->highestLaid() >= $this->state->portions()->count;
    }

    private function grams(float $grams): string
    {
        return $grams < 10 && $this->plan->request->gear->scaleResolutionGrams < 1 ? sprintf('%.1f g', $grams) : sprintf('%.0f g', $grams);
    }
}
