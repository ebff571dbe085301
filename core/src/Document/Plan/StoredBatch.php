<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Dough\WaterPour;
use StoneMill\Dough\WaterSource;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Label\GlutenStatus;
use StoneMill\Measure\SpoonSet;
use StoneMill\Pantry\Role;
use StoneMill\Record\ExtraOfPlan;
use StoneMill\Record\LineOfPlan;
use StoneMill\Record\OvenRound;
use StoneMill\Record\PlannedBatch;
use StoneMill\School\ActionKind;
use StoneMill\School\ExtraPlace;
use StoneMill\School\Finish;
use StoneMill\School\Grease;
use StoneMill\School\Measuring;
use StoneMill\School\OvenStep;
use StoneMill\School\Shaping;
use StoneMill\School\Stage;
use StoneMill\School\Texture;
use StoneMill\School\TurnAction;
use StoneMill\School\WorkStep;

/** What the log follows, read from a plan document of any version. */
final class StoredBatch
{
    public static function planned(Stored $plan): PlannedBatch
    {
        [$water, $portion, $griddle, $line, $rest] = [$plan->at('water'), $plan->at('portion'), $plan->at('griddle'), $plan->at('line'), $plan->at('rest')];
        $grams = $water->at('grams.value')->float();
        $surface = $griddle->at('surface_celsius.value')->float();
        $finish = $griddle->at('finish')->choice(Finish::class, Finish::None);
        $finishSeconds = $griddle->at('finish_seconds')->int(0);
        $pace = $line->at('pace')->numbers();

        return new PlannedBatch(
            lines: array_map(self::line(...), $plan->at('ledger')->all()),
            extras: array_map(self::extra(...), $plan->at('extras')->all()),
            steps: array_map(self::step(...), $plan->at('steps')->all()),
            waterGrams: $grams,
            firstPourGrams: $water->at('first_pour_grams.value')->float(),
            waterCelsius: $water->at('celsius.value')->float(0.0),
            waterParts: array_map(static fn (Stored $part): WaterPour => new WaterPour($part->at('kind')->choice(WaterSource::class), $part->at('grams')->float(), $part->at('celsius')->float()), $water->at('parts')->all()),
            catalogueWaterGrams: $water->at('catalogue_grams')->float($grams),
            hydrationPercent: $water->at('hydration_percent.value')->float(0.0),
            swollenShare: $plan->at('mix.swollen_share.value')->float(0.0),
            // Plans from before batters were worked out do not say; the water of the dough is then the least it takes.
            batterGrams: $water->at('as_batter_grams')->float($grams),
            spoons: $water->at('spoon')->choice(SpoonSet::class, SpoonSet::Metric),
            kneadSeconds: $plan->at('mix.knead_seconds')->float(0.0),
            handWarmSeconds: max(60 * $plan->at('mix.hand_warm_minutes.value')->float(0.0), $rest->at('stand_seconds')->float(0.0)),
            count: $portion->at('count')->int(),
            resolutionGrams: $portion->at('resolution_grams')->float(),
            keptShare: $portion->at('dough_grams.value')->float() / $portion->at('mixed_grams.value')->float(),
            pieceGrams: $portion->at('piece_grams.value')->float(),
            diameterMillimetres: $plan->at('shape.diameter_mm.value')->float(),
            thicknessMillimetres: $plan->at('shape.thickness_mm.value')->float(),
            measuring: $plan->at('method.measure')->choice(Measuring::class),
            texture: $water->at('texture')->choice(Texture::class, Texture::Press),
            shaping: $plan->at('method.shape')->choice(Shaping::class),
            grease: $plan->at('method.grease')->choice(Grease::class),
            style: $plan->at('style.id')->text(''),
            touches: [...array_map(self::touch(...), $griddle->at('turns')->all()), self::touch($griddle->at('lift'))],
            firstShare: $griddle->at('stride.first_share')->float(1.0),
            places: count($griddle->at('places')->all()),
            griddleId: $griddle->at('tool.id')->optionalText(),
            setting: $griddle->at('tool.setting')->optionalText(),
            surfaceCelsius: $griddle->at('stride.bare_celsius')->float($surface),
            heldCelsius: $griddle->at('tool.celsius')->float($surface),
            lossPercent: $griddle->at('weight_loss_percent.value')->float(0.0) - $plan->at('moved_by.loss_points')->float(0.0),
            shades: array_map(static fn (Stored $face): float => $face->at('shade.value')->float(), $griddle->at('faces')->all()),
            wantedCentreCelsius: $griddle->at('done_celsius')->optionalFloat(),
            finish: $finish,
            finishRounds: self::rounds($griddle, $finish, $finishSeconds),
            ovenLoads: count(array_filter($line->at('actions')->all(), static fn (Stored $action): bool => $action->at('kind')->choice(ActionKind::class) === ActionKind::Finish)),
            flameSeconds: $finish === Finish::Flame ? (float) $finishSeconds : 0.0,
            pace: array_diff_key($pace, ['recover' => true, 'dries' => true]),
            recoverSeconds: $pace['recover'] ?? $griddle->at('recover_seconds')->float(0.0),
            driesSeconds: $pace['dries'] ?? INF,
            hands: $line->at('hands')->int(),
            lengthSeconds: $line->at('length_seconds')->float(),
            stageStarts: self::stageStarts($line->at('stages')),
            readyAt: StoredLine::moment($line->at('ready_at')),
            restSeconds: $rest->at('seconds')->int(),
            secondRestSeconds: $rest->at('second_seconds')->float(0.0),
            wantedGrowth: $plan->at('rise')->isNothing() ? null : $plan->at('rise.growth')->float(1.0),
            stackSeconds: $plan->at('stack.seconds')->int(),
            afterLiftSeconds: (float) ($plan->at('stack.seconds')->int() + ($finish === Finish::Flame ? 0 : $finishSeconds)),
            movedThickness: $plan->at('moved_by.thickness_times')->float(1.0),
            movedColour: $plan->at('moved_by.colour_times')->float(1.0),
            containsWheat: $plan->at('label.gluten.status')->text('') === GlutenStatus::ContainsWheat->value,
        );
    }

    public static function touch(Stored $touch): TurnWindow
    {
        return new TurnWindow($touch->at('action')->choice(TurnAction::class), $touch->at('at_seconds')->float(), $touch->at('from_seconds')->float(), $touch->at('to_seconds')->float());
    }

    public static function step(Stored $step): WorkStep
    {
        return new WorkStep($step->at('id')->text(), $step->at('stage')->choice(Stage::class), $step->at('name')->text(), $step->at('check')->text(), $step->at('ingredients')->texts(), $step->at('seconds')->int(0));
    }

    private static function line(Stored $line): LineOfPlan
    {
        return new LineOfPlan(
            $line->at('ingredient')->text(),
            $line->at('name')->text(),
            $line->at('role')->choice(Role::class),
            $line->at('lot')->optionalText(),
            $line->at('grams')->float(),
            $line->at('brings_grams')->float(),
        );
    }

    private static function extra(Stored $extra): ExtraOfPlan
    {
        return new ExtraOfPlan($extra->at('ingredient')->text(), $extra->at('name')->text(), $extra->at('place')->choice(ExtraPlace::class), $extra->at('grams_each')->float(), $extra->at('lot')->optionalText());
    }

    /** @return list<OvenRound> */
    private static function rounds(Stored $griddle, Finish $finish, int $seconds): array
    {
        return OvenRound::all(array_map(static fn (Stored $round): OvenRound => new OvenRound($round->at('what')->choice(OvenStep::class), $round->at('seconds')->int()), $griddle->at('finish_rounds')->all()), $finish, $seconds);
    }

    /** @return array<string, float> */
    private static function stageStarts(Stored $stages): array
    {
        $starts = [];
        foreach ($stages->all() as $stage) {
            $starts[$stage->at('stage')->text()] = $stage->at('at_seconds')->float();
        }

        return $starts;
    }
}
