<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Dough\WaterPour;
use StoneMill\Dough\WaterSource;
use StoneMill\Exchange\Row;
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

/**
 * What the log follows, read from a plan document of any version. Earlier ones did not say everything that is said now: what has a stand-in
 * here they may leave out.
 */
final class StoredBatch
{
    public static function planned(Row $plan): PlannedBatch
    {
        [$water, $portion, $griddle, $line, $rest] = [$plan->part('water'), $plan->part('portion'), $plan->part('griddle'), $plan->part('line'), $plan->part('rest')];
        $grams = $water->number('grams.value');
        $surface = $griddle->number('surface_celsius.value');
        $finish = $griddle->optionalChoice('finish', Finish::class) ?? Finish::None;
        $finishSeconds = $griddle->optionalWhole('finish_seconds') ?? 0;
        $pace = $line->part('pace')->numbersAmong();

        return new PlannedBatch(
            lines: array_map(self::line(...), $plan->optionalRows('ledger')),
            extras: array_map(self::extra(...), $plan->optionalRows('extras')),
            steps: array_map(self::step(...), $plan->optionalRows('steps')),
            waterGrams: $grams,
            firstPourGrams: $water->number('first_pour_grams.value'),
            waterCelsius: $water->optionalNumber('celsius.value') ?? 0.0,
            waterParts: array_map(static fn (Row $part): WaterPour => new WaterPour($part->choice('kind', WaterSource::class), $part->number('grams'), $part->number('celsius')), $water->optionalRows('parts')),
            catalogueWaterGrams: $water->optionalNumber('catalogue_grams') ?? $grams,
            hydrationPercent: $water->optionalNumber('hydration_percent.value') ?? 0.0,
            swollenShare: $plan->optionalNumber('mix.swollen_share.value') ?? 0.0,
            // Plans from before batters were worked out do not say; the water of the dough is then the least it takes.
            batterGrams: $water->optionalNumber('as_batter_grams') ?? $grams,
            spoons: $water->optionalChoice('spoon', SpoonSet::class) ?? SpoonSet::Metric,
            kneadSeconds: $plan->optionalNumber('mix.knead_seconds') ?? 0.0,
            handWarmSeconds: max(60 * ($plan->optionalNumber('mix.hand_warm_minutes.value') ?? 0.0), $rest->optionalNumber('stand_seconds') ?? 0.0),
            count: $portion->whole('count'),
            resolutionGrams: $portion->number('resolution_grams'),
            keptShare: $portion->number('dough_grams.value') / $portion->number('mixed_grams.value'),
            pieceGrams: $portion->number('piece_grams.value'),
            diameterMillimetres: $plan->number('shape.diameter_mm.value'),
            thicknessMillimetres: $plan->number('shape.thickness_mm.value'),
            measuring: $plan->choice('method.measure', Measuring::class),
            texture: $water->optionalChoice('texture', Texture::class) ?? Texture::Press,
            shaping: $plan->choice('method.shape', Shaping::class),
            grease: $plan->choice('method.grease', Grease::class),
            style: $plan->optionalText('style.id') ?? '',
            touches: [...array_map(self::touch(...), $griddle->optionalRows('turns')), self::touch($griddle->row('lift'))],
            firstShare: $griddle->optionalNumber('stride.first_share') ?? 1.0,
            places: count($griddle->optionalRows('places')),
            griddleId: $griddle->optionalText('tool.id'),
            setting: $griddle->optionalText('tool.setting'),
            surfaceCelsius: $griddle->optionalNumber('stride.bare_celsius') ?? $surface,
            heldCelsius: $griddle->optionalNumber('tool.celsius') ?? $surface,
            lossPercent: ($griddle->optionalNumber('weight_loss_percent.value') ?? 0.0) - ($plan->optionalNumber('moved_by.loss_points') ?? 0.0),
            shades: array_map(static fn (Row $face): float => $face->number('shade.value'), $griddle->optionalRows('faces')),
            wantedCentreCelsius: $griddle->optionalNumber('done_celsius'),
            finish: $finish,
            finishRounds: self::rounds($griddle, $finish, $finishSeconds),
            ovenLoads: count(array_filter($line->optionalRows('actions'), static fn (Row $action): bool => $action->choice('kind', ActionKind::class) === ActionKind::Finish)),
            flameSeconds: $finish === Finish::Flame ? (float) $finishSeconds : 0.0,
            pace: array_diff_key($pace, ['recover' => true, 'dries' => true]),
            recoverSeconds: $pace['recover'] ?? $griddle->optionalNumber('recover_seconds') ?? 0.0,
            driesSeconds: $pace['dries'] ?? INF,
            hands: $line->whole('hands'),
            lengthSeconds: $line->number('length_seconds'),
            stageStarts: array_map(static fn (Row $stage): float => $stage->number('at_seconds'), Row::by('stage', $line->optionalRows('stages'))),
            readyAt: StoredLine::moment($line, 'ready_at'),
            restSeconds: $rest->whole('seconds'),
            secondRestSeconds: $rest->optionalNumber('second_seconds') ?? 0.0,
            wantedGrowth: $plan->has('rise') ? $plan->optionalNumber('rise.growth') ?? 1.0 : null,
            stackSeconds: $plan->whole('stack.seconds'),
            afterLiftSeconds: (float) ($plan->whole('stack.seconds') + ($finish === Finish::Flame ? 0 : $finishSeconds)),
            movedThickness: $plan->optionalNumber('moved_by.thickness_times') ?? 1.0,
            movedColour: $plan->optionalNumber('moved_by.colour_times') ?? 1.0,
            containsWheat: $plan->optionalText('label.gluten.status') === GlutenStatus::ContainsWheat->value,
        );
    }

    public static function touch(Row $touch): TurnWindow
    {
        return new TurnWindow($touch->choice('action', TurnAction::class), $touch->number('at_seconds'), $touch->number('from_seconds'), $touch->number('to_seconds'));
    }

    public static function step(Row $step): WorkStep
    {
        return new WorkStep($step->text('id'), $step->choice('stage', Stage::class), $step->text('name'), $step->text('check'), $step->texts('ingredients'), $step->optionalWhole('seconds') ?? 0);
    }

    private static function line(Row $line): LineOfPlan
    {
        return new LineOfPlan(
            $line->text('ingredient'),
            $line->text('name'),
            $line->choice('role', Role::class),
            $line->optionalText('lot'),
            $line->number('grams'),
            $line->number('brings_grams'),
        );
    }

    private static function extra(Row $extra): ExtraOfPlan
    {
        return new ExtraOfPlan($extra->text('ingredient'), $extra->text('name'), $extra->choice('place', ExtraPlace::class), $extra->number('grams_each'), $extra->optionalText('lot'));
    }

    /** @return list<OvenRound> */
    private static function rounds(Row $griddle, Finish $finish, int $seconds): array
    {
        return OvenRound::all(array_map(static fn (Row $round): OvenRound => new OvenRound($round->choice('what', OvenStep::class), $round->whole('seconds')), $griddle->optionalRows('finish_rounds')), $finish, $seconds);
    }
}
