<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use Closure;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Line\BatchWork;
use StoneMill\Line\Clock;
use StoneMill\Line\Effort;
use StoneMill\Line\Fit;
use StoneMill\Line\LineBuilder;
use StoneMill\Line\Night;
use StoneMill\Line\Pace;
use StoneMill\Line\PieceWork;
use StoneMill\Line\PlannedLine;
use StoneMill\Line\Timeline;
use StoneMill\Measure\Memory;
use StoneMill\School\ActionKind;
use StoneMill\School\Finish;
use StoneMill\School\Rest;
use StoneMill\School\Scald;
use StoneMill\School\Texture;
use StoneMill\Shape\Carrying;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Pressing;

/** What of a plan asks for hands and time, put in order for the clock of the day. */
final readonly class LinePlanner
{
    /** A dough that weakens is on the griddle within this. Planning estimate: practice says at once. */
    private const WEAK_DOUGH_SECONDS = 900.0;

    /** A batter that stands longer has settled and thickened. Planning estimate. */
    private const BATTER_SECONDS = 1800.0;

    public function __construct(
        private PlanRequest $request,
        private DoughPlan $dough,
        private Disc $disc,
        private Carrying $carrying,
        private TurnPlan $turns,
        private int $restSeconds,
        private Effort $effort,
        private Memory $memory,
    ) {
    }

    public function plan(int $pieces, int $places): PlannedLine
    {
        $work = $this->work();
        $build = fn (Effort $effort): Closure => fn (int $count, int $hands): Timeline => $this->byDay($this->ordered($work, $count, $places, $hands, $effort));
        $timeline = $build($this->effort)($pieces, $this->request->hands);
        $begin = $this->request->beginAt;
        $ready = $this->request->serveAt;

        return new PlannedLine(
            $timeline,
            $work->pace,
            $work->piece,
            $this->request->hands,
            $ready === null ? $begin : Clock::later($ready, -$timeline->lengthSeconds()),
            $ready ?? ($begin === null ? null : Clock::later($begin, $timeline->lengthSeconds())),
            // What fits by the first order that keeps the rules fits by a better one too; a dozen searches would be waited for.
            $begin === null || $ready === null ? null : Fit::of($timeline, $begin, $ready, $pieces, $this->request->hands, $build(Effort::Sketch)),
        );
    }

    /** The same work by the same hands is put in order once; the clock of the day moves it as a whole. */
    private function ordered(BatchWork $work, int $count, int $places, int $hands, Effort $effort): Timeline
    {
        return $this->memory->of(
            Timeline::class,
            [$work, $count, $places, $hands, $effort],
            static fn (): Timeline => LineBuilder::build($work, $count, $places, $hands, $effort),
        );
    }

    private function work(): BatchWork
    {
        $method = $this->request->method;
        $flame = $this->turns->finish === Finish::Flame ? (float) $this->turns->finishSeconds : 0.0;
        $pace = Pace::of($method->shape, $method->grease, (float) $this->request->kneadSeconds(), $this->carrying->over->seconds(), $this->roundThePress(), $flame, $this->pace());
        $isBatter = $this->request->texture === Texture::Batter;
        $keeps = $isBatter ? self::BATTER_SECONDS : ($this->request->style->weakens ? self::WEAK_DOUGH_SECONDS : null);

        return new BatchWork(
            ahead: $this->request->style->ahead,
            scalds: $method->scald !== Scald::None,
            lines: count($this->dough->lines),
            pace: $pace,
            handWarm: 60 * max($this->dough->handWarmMinutes->value, $this->request->rests->standMinutes),
            rest: (float) $this->restSeconds,
            kneadsHot: $this->request->worked->bearsHeat(),
            secondRest: 60 * $this->request->rests->secondMinutes,
            keeps: $keeps,
            isBatter: $isBatter,
            preheat: $this->request->preheatSeconds(),
            piece: PieceWork::of($this->turns->touches(), $pace, $this->panBusySeconds(), (float) $this->request->style->uncoveredSeconds),
            ovenHolds: $this->request->gear->ovenHolds($this->disc->diameterMillimetres, $this->request->pieces->oblong),
            finish: $this->turns->finish === Finish::Flame ? 0.0 : (float) $this->turns->finishSeconds,
            stack: (float) $this->request->style->stackSeconds,
        );
    }

    /** Seconds that a pan is away in the oven with its bread, before the next can be poured into it. */
    private function panBusySeconds(): float
    {
        return $this->request->gear->usesPans() && $this->turns->finish !== Finish::Flame ? (float) $this->turns->finishSeconds : 0.0;
    }

    /** Seconds more for a piece that is pressed in a ring. */
    private function roundThePress(): float
    {
        $plate = $this->request->gear->pressMillimetres;

        return $plate === null || ! $this->request->method->shape->isPressed() ? 0.0 : (new Pressing($plate))->secondsMore($this->disc->diameterMillimetres, $this->request->pieces->oblong);
    }

    /** @return array<string, float> the cook's own pace above what the record says of it */
    private function pace(): array
    {
        $learned = array_filter(['portion' => $this->request->experience->of(LearnedKind::Portion)?->value, 'shape' => $this->request->experience->of(LearnedKind::Shape)?->value], static fn (?float $seconds): bool => $seconds !== null);

        return [...$learned, ...$this->request->pace];
    }

    /** Where a wait of hours may be longer or shorter, it is chosen so that nobody has to work at night. */
    private function byDay(Timeline $timeline): Timeline
    {
        if ($this->request->serveAt === null) {
            return $timeline;
        }
        $waits = [];
        foreach ($this->request->style->ahead as $step) {
            $waits[$step->kind->value] = $step->wait;
        }
        if ($this->request->method->rest === Rest::ChilledOvernight && $this->restSeconds === Rest::ChilledOvernight->seconds()) {
            $waits[ActionKind::Rest->value] = [28800.0, (float) $this->restSeconds, 57600.0];
        }

        return Night::spared($timeline, $waits, $this->request->serveAt);
    }
}
