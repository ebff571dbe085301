<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Dough\LedgerRow;
use StoneMill\Dough\WaterPour;
use StoneMill\Dough\WeighedExtra;
use StoneMill\Griddle\Face;
use StoneMill\Griddle\FinishRound;
use StoneMill\Griddle\Griddling;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Label\GlutenStatus;
use StoneMill\Line\Action;
use StoneMill\Line\Pace;
use StoneMill\Line\PieceWork;
use StoneMill\Measure\Rounding;
use StoneMill\Measure\SpoonSet;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\LearnedKind;
use StoneMill\School\ActionKind;
use StoneMill\School\Finish;
use StoneMill\School\Grease;
use StoneMill\School\Measuring;
use StoneMill\School\Shaping;
use StoneMill\School\Stage;
use StoneMill\School\Texture;
use StoneMill\School\TurnAction;
use StoneMill\School\WayOver;
use StoneMill\School\WorkStep;

/**
 * What the log needs to know of the plan it follows: of one that was just made, or of one as it stood when the batch began, so that
 * a later rule does not rewrite an old batch.
 */
final readonly class PlannedBatch
{
    /** Thicker ones break before they bend round a finger. Planning estimate. */
    private const FOLDED_UP_TO_MILLIMETRES = 10.0;

    /**
     * @param list<LineOfPlan> $lines
     * @param list<ExtraOfPlan> $extras what is no part of the dough
     * @param list<WorkStep> $steps on the way into the dough and on the way to the eater
     * @param list<WaterPour> $waterParts what the planned water is made of
     * @param float $catalogueWaterGrams that catalogue and practice ask for, without what was learned
     * @param non-empty-list<TurnWindow> $touches turns and lift, in order
     * @param float $firstShare how much sooner all comes on metal that nothing lay on before
     * @param list<OvenRound> $finishRounds in the oven and under the broiler, in order
     * @param int $ovenLoads how often the oven is filled, by the line of the plan
     * @param float $flameSeconds that a piece is held in a flame, in hand, after its lift
     * @param array<string, float> $pace seconds by task, of one piece
     * @param float $driesSeconds that a shaped piece may wait; INF where nothing spoils
     * @param array<string, float> $stageStarts seconds of the line at which each stage begins
     * @param float|null $wantedGrowth times its first size; null where nothing rises
     * @param float $afterLiftSeconds from the last lift until it is served
     * @param float $surfaceCelsius of the bare metal while bread lies on it
     * @param float $heldCelsius of the empty metal
     * @param float $lossPercent weight that is lost, as it is worked out without what was learned of it
     * @param float $movedThickness by how many times the record made the disc thicker than wished
     * @param float $movedColour by how many times the record made it colour more readily than its kind
     * @param list<float> $shades of both faces, as expected
     */
    public function __construct(
        public array $lines,
        public array $extras,
        public array $steps,
        public float $waterGrams,
        public float $firstPourGrams,
        public float $waterCelsius,
        private array $waterParts,
        private float $catalogueWaterGrams,
        public float $hydrationPercent,
        public float $swollenShare,
        public float $batterGrams,
        public SpoonSet $spoons,
        public float $kneadSeconds,
        public float $handWarmSeconds,
        public int $count,
        public float $resolutionGrams,
        public float $keptShare,
        public float $pieceGrams,
        public float $diameterMillimetres,
        public float $thicknessMillimetres,
        public Measuring $measuring,
        public Texture $texture,
        public Shaping $shaping,
        private Grease $grease,
        public string $style,
        public array $touches,
        private float $firstShare,
        public int $places,
        public ?string $griddleId,
        public ?string $setting,
        public float $surfaceCelsius,
        public float $heldCelsius,
        public float $lossPercent,
        public array $shades,
        public ?float $wantedCentreCelsius,
        public Finish $finish,
        public array $finishRounds,
        private int $ovenLoads,
        private float $flameSeconds,
        private array $pace,
        private float $recoverSeconds,
        private float $driesSeconds,
        public int $hands,
        private float $lengthSeconds,
        private array $stageStarts,
        public ?DateTimeImmutable $readyAt,
        public int $restSeconds,
        public float $secondRestSeconds,
        public ?float $wantedGrowth,
        public int $stackSeconds,
        public float $afterLiftSeconds,
        public float $movedThickness,
        public float $movedColour,
        public bool $containsWheat,
    ) {
    }

    public static function of(BatchPlan $plan): self
    {
        [$request, $dough, $turns, $portions, $line] = [$plan->request, $plan->dough, $plan->turns, $plan->portions, $plan->line];
        $surface = $turns->surfaceCelsius->value;
        $isFlamed = $turns->finish === Finish::Flame;

        return new self(
            lines: array_map(static fn (LedgerRow $row): LineOfPlan => new LineOfPlan($row->line->ingredient->id, $row->line->ingredient->name, $row->line->ingredient->role, $row->line->lot, $row->line->grams, $row->bringsGrams), $dough->ledger->rows),
            extras: array_map(static fn (WeighedExtra $extra): ExtraOfPlan => new ExtraOfPlan($extra->ingredient->id, $extra->ingredient->name, $extra->place, $extra->gramsEach, $extra->lot), $plan->piece->extras),
            steps: $plan->steps(),
            waterGrams: $dough->pour->grams,
            firstPourGrams: $dough->pour->firstGrams,
            waterCelsius: max(0.0, $dough->waterCelsius),
            waterParts: $dough->waterParts->pours(),
            catalogueWaterGrams: $dough->need->withoutLearningGrams(),
            hydrationPercent: $dough->hydrationPercent(),
            swollenShare: $dough->ledger->swollenShare(),
            batterGrams: $dough->batterGrams,
            spoons: $request->gear->spoons,
            kneadSeconds: $request->kneadSeconds(),
            handWarmSeconds: 60 * max($dough->handWarmMinutes->value, $request->rests->standMinutes),
            count: $portions->count,
            resolutionGrams: $portions->countdown->resolutionGrams,
            keptShare: $portions->countdown->readingGrams / $portions->mixedGrams,
            pieceGrams: $portions->pieceGrams(),
            diameterMillimetres: $plan->disc->diameterMillimetres,
            thicknessMillimetres: $plan->disc->thicknessMillimetres,
            measuring: $request->method->measure,
            texture: $dough->conditions->texture,
            shaping: $request->method->shape,
            grease: $request->method->grease,
            style: $request->style->id,
            touches: [...$turns->turns, $turns->lift],
            firstShare: $turns->stride === null || $request->griddle->own !== null ? 1.0 : $turns->stride->firstShare,
            places: count($plan->packing->places),
            griddleId: $request->gear->griddleId,
            setting: $request->setting()?->name,
            surfaceCelsius: $turns->stride->bareCelsius ?? $surface,
            heldCelsius: $request->surfaceCelsius(),
            lossPercent: $turns->weightLossPercent->value - $plan->moved(LearnedKind::WeightLoss, 0.0),
            shades: array_map(static fn (Face $face): float => $face->shade, $turns->faces),
            wantedCentreCelsius: $turns->doneCelsius,
            finish: $turns->finish,
            finishRounds: OvenRound::all(array_map(static fn (FinishRound $round): OvenRound => new OvenRound($round->what, (int) round($round->seconds)), $turns->rounds), $turns->finish, $turns->finishSeconds),
            ovenLoads: count(array_filter($line->timeline->actions, static fn (Action $action): bool => $action->kind === ActionKind::Finish)),
            flameSeconds: $isFlamed ? (float) $turns->finishSeconds : 0.0,
            pace: $line->pace->ofAPiece(),
            recoverSeconds: $line->piece->recover,
            driesSeconds: $line->piece->dries,
            hands: $line->hands,
            lengthSeconds: $line->timeline->lengthSeconds(),
            stageStarts: $line->timeline->stageStarts(),
            readyAt: $line->readyAt,
            restSeconds: $plan->restSeconds,
            secondRestSeconds: round(60 * $request->rests->secondMinutes),
            wantedGrowth: $dough->rise?->growth,
            stackSeconds: $request->style->stackSeconds,
            afterLiftSeconds: (float) ($request->style->stackSeconds + ($isFlamed ? 0 : $turns->finishSeconds)),
            movedThickness: $plan->moved(LearnedKind::Thickness, 1.0),
            movedColour: $plan->moved(LearnedKind::Colour, 1.0),
            containsWheat: $plan->label->gluten === GlutenStatus::ContainsWheat,
        );
    }

    /**
     * The touches of a piece on a place that nothing lay on before: the metal is fresh, and all of it comes sooner.
     *
     * @return non-empty-list<TurnWindow>
     */
    public function firstTouches(): array
    {
        return self::stretched($this->touches, $this->firstShare);
    }

    /**
     * @param non-empty-list<TurnWindow> $touches
     * @return non-empty-list<TurnWindow> the same at so many times their moments
     */
    public static function stretched(array $touches, float $factor): array
    {
        return array_map(static fn (TurnWindow $touch): TurnWindow => $touch->stretched($factor), $touches);
    }

    /**
     * What a piece asks of hands and griddle.
     *
     * @param float $paceFactor times as long as planned that a bread lies
     */
    public function pieceWork(float $paceFactor = 1.0): PieceWork
    {
        $pace = Pace::of($this->shaping, $this->grease, 0.0, WayOver::usualOf($this->shaping)->seconds(), flame: $this->flameSeconds, own: $this->pace);

        return PieceWork::of(self::stretched($this->touches, $paceFactor), $pace, $this->recoverSeconds, $this->driesSeconds, $this->firstShare);
    }

    /** What is done at a touch, counted from 1; null where the plan has none there. */
    public function actionOf(int $touch): ?TurnAction
    {
        return ($this->touches[$touch - 1] ?? null)?->action;
    }

    /** Seconds of the line from the beginning of a stage until it is served. */
    public function fromStage(Stage $stage): float
    {
        return $this->lengthSeconds - ($this->startOf($stage->value) ?? 0.0);
    }

    /** Whether this bread goes through that stage. */
    public function hasStage(Stage $stage): bool
    {
        return $this->startOf($stage->value) !== null;
    }

    /** Seconds of the line from turning the griddle on until it is served. */
    public function fromPreheat(): float
    {
        return $this->lengthSeconds - ($this->startOf('preheat') ?? 0.0);
    }

    /** How long the griddle is on before the first piece; 0 where the line does not say when. */
    public function preheatSeconds(): float
    {
        $on = $this->startOf('preheat');

        return $on === null ? 0.0 : max(0.0, ($this->startOf('griddle') ?? $on) - $on);
    }

    /** Times its first size that a raised dough is to grow to. */
    public function wantedGrowth(): float
    {
        return $this->wantedGrowth ?? 1.0;
    }

    /** Whether it is folded when it is eaten: a thick bread is split, and one from under the broiler or out of the oven is cut. */
    public function isFolded(): bool
    {
        return $this->thicknessMillimetres <= self::FOLDED_UP_TO_MILLIMETRES && in_array($this->finish, [Finish::None, Finish::Flame], true);
    }

    /** Whether its layers can part on the griddle. */
    public function puffs(): bool
    {
        return $this->thicknessMillimetres <= Griddling::PUFFS_UP_TO_MILLIMETRES && $this->texture !== Texture::Batter;
    }

    public function isPoured(): bool
    {
        return $this->shaping === Shaping::Pour;
    }

    public function rises(): bool
    {
        return $this->wantedGrowth !== null;
    }

    private function startOf(string $stage): ?float
    {
        return $this->stageStarts[$stage] ?? null;
    }

    /** @return list<array{ingredient: string, lot: string|null, is_flour: bool}> what is weighed, from which bag, each once; what only stands beside the dough is no flour of it */
    public function bags(): array
    {
        $bags = [];
        foreach ($this->lines as $line) {
            $bags[$line->ingredient.' '.$line->lot] = ['ingredient' => $line->ingredient, 'lot' => $line->lot, 'is_flour' => $line->role->isFlourBase()];
        }
        foreach ($this->extras as $extra) {
            $bags[$extra->ingredient.' '.$extra->lot] ??= ['ingredient' => $extra->ingredient, 'lot' => $extra->lot, 'is_flour' => false];
        }

        return array_values($bags);
    }

    /** @return list<array{flour: string, bag: string|null, share: float}> of the flour base as planned, together 1 */
    public function flourParts(): array
    {
        $flours = array_values(array_filter($this->lines, static fn (LineOfPlan $line): bool => $line->role->isFlourBase()));
        $grams = $this->flourGrams();

        return array_map(static fn (LineOfPlan $line): array => ['flour' => $line->ingredient, 'bag' => $line->lot, 'share' => round($line->grams / $grams, 4)], $flours);
    }

    /** Flour base as planned. */
    public function flourGrams(): float
    {
        return array_sum(array_map(static fn (LineOfPlan $line): float => $line->role->isFlourBase() ? $line->grams : 0.0, $this->lines));
    }

    /** Water that each gram of its flour base has by the plan, that of lines that bring some with it. */
    public function waterPerFlour(): float
    {
        return ($this->waterGrams + array_sum(array_column($this->lines, 'bringsGrams'))) / $this->flourGrams();
    }

    /** How often the oven is filled for so many pieces, by the line of the plan. */
    public function ovenLoads(int $count): int
    {
        return max(1, min($this->ovenLoads, $count));
    }

    /** @return list<WaterPour> what goes into the jug for so much water of the planned temperature */
    public function jug(float $grams): array
    {
        $planned = array_sum(array_column($this->waterParts, 'grams'));
        $left = $grams;
        $jug = [];
        foreach ($this->waterParts as $index => $part) {
            // The last part is what the others leave, so that they come to the whole.
            $share = $index === count($this->waterParts) - 1 ? $left : min($left, Rounding::toStep($part->grams * $grams / $planned, $this->resolutionGrams));
            $left -= $share;
            $jug[] = new WaterPour($part->kind, $share, $part->celsius);
        }

        return array_values(array_filter($jug, static fn (WaterPour $part): bool => round($part->grams, 4) > 0));
    }

    /** Water in % of the flour base that catalogue and practice ask for, without what was learned. */
    public function catalogueHydrationPercent(): float
    {
        return 100 * $this->catalogueWaterGrams / $this->flourGrams();
    }

    public function has(string $ingredient): bool
    {
        return in_array($ingredient, array_column($this->lines, 'ingredient'), true);
    }
}
