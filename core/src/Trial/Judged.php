<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Record\BatchState;
use StoneMill\Record\Verdict;

/** What of a batch's verdict and log a trial is judged by. */
enum Judged: string
{
    case Pliability = 'pliability';
    case Puff = 'puff';
    case Cracks = 'cracks';
    case Sticking = 'sticking';
    case Shade = 'shade';
    case Loss = 'loss';
    case GoodShare = 'good_share';
    case Score = 'score';

    public function gauge(): Gauge
    {
        return match ($this) {
            self::Pliability => new Gauge('how it folds', true, true, 1.0),
            self::Puff => new Gauge('how it puffs', true, true, 1.0),
            self::Cracks => new Gauge('how little it cracks', true, true, 1.0),
            self::Sticking => new Gauge('how little it sticks', true, true, 1.0),
            self::Shade => new Gauge('how far its shade is off', false, false, 0.1),
            self::Loss => new Gauge('how far its weight loss is off', false, false, 2.0),
            self::GoodShare => new Gauge('share of good pieces', false, true, 0.1),
            self::Score => new Gauge('score from 0 to 10', false, true, 1.0),
        };
    }

    /** The stack is weighed as one; all else is seen of each half. */
    public function tellsHalvesApart(): bool
    {
        return $this !== self::Loss;
    }

    /**
     * Null where the batch does not tell.
     *
     * @param Verdict $verdict of the batch, or of one half of it
     * @param int|null $pieces that the verdict is of; null for all of the batch
     */
    public function of(Verdict $verdict, BatchState $batch, ?int $pieces = null): ?float
    {
        return match ($this) {
            self::Pliability => self::steps($verdict->pliability?->steps()),
            self::Puff => self::steps($verdict->puff?->steps()),
            self::Cracks => self::steps($verdict->cracks?->stepsDown()),
            self::Sticking => self::steps($verdict->sticking?->stepsDown()),
            self::Shade => self::off($verdict, $batch),
            self::Loss => self::lossOff($batch),
            self::GoodShare => $verdict->good === null ? null : $verdict->good / max(1, $pieces ?? $batch->portions()->count),
            self::Score => self::steps($verdict->score),
        };
    }

    private static function steps(?int $steps): ?float
    {
        return $steps === null ? null : (float) $steps;
    }

    /** The mean of both faces beside the shades that were planned. */
    private static function off(Verdict $verdict, BatchState $batch): ?float
    {
        $planned = $batch->plan()->shades;

        return count($planned) < 2 || $verdict->shadeFirst === null || $verdict->shadeSecond === null ? null : (abs($verdict->shadeFirst - $planned[0]) + abs($verdict->shadeSecond - $planned[1])) / 2;
    }

    private static function lossOff(BatchState $batch): ?float
    {
        $loss = $batch->stackLossPercent();

        return $loss === null ? null : abs($loss - $batch->plan()->lossPercent);
    }
}
