<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use DateTimeImmutable;
use StoneMill\Dough\FeelGrade;
use StoneMill\Plan\BatchPlan;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;
use StoneMill\Record\PlannedBatch;
use StoneMill\School\TurnAction;

/** A batch made up to learn from: planned, then worked otherwise in just the way that is told. */
final class StagedBatch
{
    /** @var list<BatchEvent> */
    private array $log = [];

    private DateTimeImmutable $now;

    private readonly PlannedBatch $planned;

    private function __construct(public readonly BatchPlan $plan)
    {
        $this->planned = PlannedBatch::of($plan);
        $this->now = new DateTimeImmutable('2026-03-01T10:00:00Z');
    }

    public static function of(BatchPlan $plan): self
    {
        return new self($plan);
    }

    /** @param float $share of the planned water */
    public function mixed(float $share = 1.0, FeelGrade ...$felt): self
    {
        foreach ($this->plan->dough->lines as $line) {
            $this->add(EventKind::Measured, 10, ['ingredient' => $line->ingredient->id, 'grams' => $line->grams]);
        }
        $this->add(EventKind::Poured, 60, ['grams' => $share * $this->plan->dough->pour->grams]);
        foreach ($felt as $grade) {
            $this->add(EventKind::Felt, 60, ['grade' => $grade]);
        }

        return $this;
    }

    public function readAt(float $celsius): self
    {
        return $this->add(EventKind::TemperatureTaken, 20, ['celsius' => $celsius]);
    }

    /** @param float $share of the planned rest; 0 where it was passed over */
    public function rested(float $share = 1.0): self
    {
        if ($share > 0 && $this->plan->restSeconds > 0) {
            $this->add(EventKind::RestStarted, 5, []);
            $this->wait($share * $this->plan->restSeconds);
        }

        return $this;
    }

    /** @param list<float> $shares of the mean weight, piece after piece */
    public function portioned(array $shares): self
    {
        $grams = $this->plan->portions->countdown->readingGrams;
        $mean = $grams / $this->plan->portions->count;
        $this->add(EventKind::ScaleSet, 10, ['grams' => $grams, 'pieces' => $this->plan->portions->count]);
        foreach ($shares as $share) {
            $grams -= $share * $mean;
            $this->add(EventKind::Portioned, 10, ['grams' => max(0.0, $grams)]);
        }

        return $this;
    }

    /** @param float $times of the planned thickness */
    public function discs(float $times): self
    {
        foreach ([1, 2, 3] as $_) {
            $this->add(EventKind::DiscMeasured, 5, ['diameter' => $this->plan->disc->diameterMillimetres / sqrt($times)]);
        }

        return $this;
    }

    public function metalRead(float $offKelvin): self
    {
        return $this->add(EventKind::SurfaceTaken, 5, ['celsius' => $this->planned->heldCelsius + $offKelvin]);
    }

    /**
     * @param float $first of the planned time of the first side
     * @param float $second of that of the other
     * @param float $apart seconds between two pieces laid
     */
    public function baked(float $first = 1.0, float $second = 1.0, int $pieces = 2, float $apart = 30.0): self
    {
        for ($piece = 1; $piece <= $pieces; $piece++) {
            $this->add(EventKind::Laid, 2, ['piece' => $piece, 'place' => 1]);
            $before = 0.0;
            foreach ($this->planned->touches as $index => $touch) {
                $this->wait(($index % 2 === 0 ? $first : $second) * ($touch->atSeconds - $before));
                $before = $touch->atSeconds;
                $this->add($touch->action === TurnAction::Lift ? EventKind::Lifted : EventKind::Turned, 0, ['piece' => $piece]);
            }
            $this->wait($apart);
        }

        return $this;
    }

    /** @param float $offPoints beside the planned loss of weight */
    public function stacked(float $offPoints): self
    {
        $laid = $this->state()->griddle()->lifted() * $this->state()->bowl()->pieceGrams();

        return $this->add(EventKind::Stacked, 10, ['grams' => $laid * (1 - ($this->planned->lossPercent + $offPoints) / 100)]);
    }

    public function state(): BatchState
    {
        return BatchState::of($this->planned, $this->log);
    }

    public function circumstances(?int $piece = null): Circumstances
    {
        return new Circumstances($this->plan, $this->state(), $piece);
    }

    private function wait(float $seconds): void
    {
        $this->now = LogTime::later($this->now, (int) round($seconds));
    }

    /** @param array{ingredient?: string, grams?: float, grade?: FeelGrade, celsius?: float, pieces?: int, piece?: int, place?: int, diameter?: float} $fields */
    private function add(EventKind $kind, float $after, array $fields): self
    {
        $this->wait($after);
        $this->log[] = new BatchEvent(
            sprintf('%08d', count($this->log)),
            $kind,
            $this->now,
            ingredient: $fields['ingredient'] ?? null,
            grams: $fields['grams'] ?? null,
            celsius: $fields['celsius'] ?? null,
            grade: $fields['grade'] ?? null,
            pieces: $fields['pieces'] ?? null,
            piece: $fields['piece'] ?? null,
            place: $fields['place'] ?? null,
            diameterMillimetres: $fields['diameter'] ?? null,
        );

        return $this;
    }
}
