<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\Line\Internal\Lots;
use StoneMill\School\ActionKind;
use StoneMill\School\Stage;

/** Puts a whole batch in order: the dough, the scale, the griddle, the oven, the stack. */
final class LineBuilder
{
    /** Stirring a batter that has stood. */
    private const STIR_SECONDS = 20.0;

    /** Fetching the next jug of it to the griddle. */
    private const REFILL_SECONDS = 15.0;

    /** @var list<Action> */
    private array $actions = [];

    private function __construct(private readonly BatchWork $work, private readonly int $hands, private readonly int $places, private readonly Effort $effort)
    {
    }

    public static function build(BatchWork $work, int $pieces, int $places, int $hands, Effort $effort = Effort::Search): Timeline
    {
        return (new self($work, $hands, $places, $effort))->run($pieces);
    }

    private function run(int $pieces): Timeline
    {
        $now = $this->ahead();
        $now = $this->byHand(ActionKind::Weigh, $now, $this->work->lines * $this->work->pace->weighLine);
        // A dough that must not wait is not made before the griddle is about to be hot.
        $now = $this->work->keeps === null ? $now : max($now, $this->work->preheat - $this->work->making() - $this->work->rest);
        $from = $this->rest($this->make($now));
        // The griddle is lit while the dough is made, but not before there is anything to do.
        $crew = new Crew($this->hands, $this->places, max(0.0, $this->work->preheat - $from));
        $lots = Lots::of($this->work, $crew, $pieces);
        [$lifted, $cookings] = $this->cook($lots, $crew, $from);
        $this->preheat();
        $finished = $this->finish($lifted);
        $ready = $finished + $this->work->stack;
        $this->add(ActionKind::Stack, $finished, $ready, null);

        return new Timeline(Action::inOrder($this->actions), $ready, $lots, LineReport::of($this->work->piece, $crew, $cookings, $lots));
    }

    private function ahead(): float
    {
        $now = 0.0;
        foreach ($this->work->ahead as $step) {
            if ($step->hands > 0) {
                $now = $this->byHand($step->kind, $now, $step->hands);
            }
            if ($step->wait[1] > 0) {
                $this->add($step->kind, $now, $now + $step->wait[1], null);
                $now += $step->wait[1];
            }
        }

        return $now;
    }

    private function make(float $now): float
    {
        $pace = $this->work->pace;
        $now = $this->byHand($this->work->scalds ? ActionKind::Scald : ActionKind::Pour, $now, $pace->pour);
        if ($this->work->kneadsHot) {
            $this->add(ActionKind::Knead, $now, $now + $pace->knead, null);
            // Hands feel it once they bear it; what is left of the wait begins when the machine stops.
            $cool = max(0.0, $this->work->handWarm - $pace->knead);
            if ($cool > 0) {
                $this->add(ActionKind::Cool, $now + $pace->knead, $now + $pace->knead + $cool, null);
            }

            return $this->byHand(ActionKind::Feel, $now + $pace->knead + $cool, $pace->feel);
        }
        if ($this->work->handWarm > 0) {
            $this->add(ActionKind::Cool, $now, $now + $this->work->handWarm, null);
            $now += $this->work->handWarm;
        }

        return $this->byHand(ActionKind::Feel, $this->byHand(ActionKind::Knead, $now, $pace->knead), $pace->feel);
    }

    private function rest(float $now): float
    {
        if ($this->work->rest > 0) {
            $this->add(ActionKind::Rest, $now, $now + $this->work->rest, null);
            $now += $this->work->rest;
        }
        if ($this->work->secondRest > 0) {
            $this->add(ActionKind::SecondRest, $now, $now + $this->work->secondRest, null);
            $now += $this->work->secondRest;
        }

        return $this->work->isBatter ? $this->byHand(ActionKind::Stir, $now, self::STIR_SECONDS) : $now;
    }

    /**
     * @param non-empty-list<int> $lots
     * @return array{list<float>, non-empty-list<Cooking>} when each piece is off, and the order of each lot
     */
    private function cook(array $lots, Crew $crew, float $from): array
    {
        $cookings = [];
        $lifted = [];
        $before = 0;
        // Lots of one size are cooked in one order, and are looked for once.
        $known = [];
        foreach ($lots as $index => $pieces) {
            if ($index > 0) {
                $from = $this->work->isBatter
                    ? $this->byHand(ActionKind::Refill, $this->byHand(ActionKind::Stir, $from, self::STIR_SECONDS, Stage::Griddle), self::REFILL_SECONDS)
                    : $this->make($from);
                $crew = $crew->whenHot();
            }
            $cooking = $known[$pieces.' from '.$crew->hotAt] ??= LineSearch::best($this->work->piece, $crew, $pieces, $this->effort);
            foreach ($cooking->actions as $action) {
                $this->actions[] = $action->shiftedBy($from)->renumberedBy($before);
                if ($action->kind === ActionKind::Lift) {
                    $lifted[] = $from + $action->untilSeconds;
                }
            }
            $cookings[] = $cooking;
            $from += $cooking->seconds;
            $before += $pieces;
        }
        sort($lifted);

        return [$lifted, $cookings];
    }

    /** Hot just when the first piece is laid. */
    private function preheat(): void
    {
        $first = INF;
        foreach ($this->actions as $action) {
            $first = $action->kind === ActionKind::Lay ? min($first, $action->atSeconds) : $first;
        }
        $this->add(ActionKind::Preheat, max(0.0, $first - $this->work->preheat), $first, null);
    }

    /**
     * The oven takes so many at a time; a load goes in when it is full, or when nothing more comes.
     *
     * @param list<float> $lifted in order
     */
    private function finish(array $lifted): float
    {
        $ready = $lifted[count($lifted) - 1];
        if ($this->work->finish <= 0) {
            return $ready;
        }
        $free = 0.0;
        foreach (array_chunk($lifted, max(1, $this->work->ovenHolds)) as $load) {
            $in = max($free, $load[count($load) - 1]);
            $free = $in + $this->work->finish;
            $this->add(ActionKind::Finish, $in, $free, null);
        }

        return $free;
    }

    private function byHand(ActionKind $kind, float $from, float $length, ?Stage $stage = null): float
    {
        $this->add($kind, $from, $from + $length, 1, $stage);

        return $from + $length;
    }

    /** @param Stage|null $stage where it is not done at the stage that it usually belongs to */
    private function add(ActionKind $kind, float $from, float $until, ?int $hands, ?Stage $stage = null): void
    {
        $this->actions[] = new Action($kind, $stage ?? $kind->stage(), $from, $until, $hands, null, null);
    }
}
