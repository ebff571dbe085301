<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Record\BatchState;
use StoneMill\Record\Extent;
use StoneMill\Record\Pliability;
use StoneMill\Record\Puff;
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

    /** Null where the batch does not tell. */
    public function of(Verdict $verdict, BatchState $batch): ?float
    {
        return match ($this) {
            self::Pliability => match ($verdict->pliability) {
                Pliability::Shatters => 0.0,
                Pliability::CracksWhenFolded, Pliability::Limp => 1.0,
                Pliability::Folds => 2.0,
                Pliability::Wraps => 3.0,
                null => null,
            },
            self::Puff => match ($verdict->puff) {
                Puff::None => 0.0,
                Puff::Patches => 1.0,
                Puff::Full => 2.0,
                null => null,
            },
            self::Cracks => self::little($verdict->cracks),
            self::Sticking => self::little($verdict->sticking),
            self::Shade => self::off($verdict, $batch),
            self::Loss => self::lossOff($batch),
            self::GoodShare => $verdict->good / max(1, $batch->portions()->count),
            self::Score => $verdict->score === null ? null : (float) $verdict->score,
        };
    }

    private static function little(Extent $extent): float
    {
        return match ($extent) {
            Extent::None => 2.0,
            Extent::Some => 1.0,
            Extent::Much => 0.0,
        };
    }

    /** The mean of both faces beside the shades that were planned. */
    private static function off(Verdict $verdict, BatchState $batch): ?float
    {
        $planned = $batch->plan()->shades;

        return count($planned) < 2 ? null : (abs($verdict->shadeFirst - $planned[0]) + abs($verdict->shadeSecond - $planned[1])) / 2;
    }

    private static function lossOff(BatchState $batch): ?float
    {
        $loss = $batch->stackLossPercent();

        return $loss === null ? null : abs($loss - $batch->plan()->lossPercent);
    }
}
