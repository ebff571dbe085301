<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Dough\FeelGrade;
use StoneMill\Exchange\Row;

/** What went into the bowl so far, and how it felt. */
final readonly class BowlTally
{
    /**
     * @param array<string, float> $gramsByIngredient of the lines that are in
     * @param FeelGrade|null $feel as it is; null where something was added since
     * @param FeelGrade|null $lastFeel as it was when it was last felt; null where it never was
     * @param int|null $count pieces that a correction wished for
     * @param string|null $feltBy who felt it last, where the log knows
     */
    private function __construct(
        public array $gramsByIngredient,
        public float $pouredGrams,
        public float $correctionWaterGrams,
        public float $correctionFlourGrams,
        public ?FeelGrade $feel,
        public ?FeelGrade $lastFeel,
        public ?float $celsius,
        public int $corrections,
        public ?int $count,
        public ?string $feltBy,
    ) {
    }

    public static function empty(): self
    {
        return new self([], 0.0, 0.0, 0.0, null, null, null, 0, null, null);
    }

    public function with(BatchEvent $event): self
    {
        $kind = $event->kind;
        $isCorrection = $kind === EventKind::Corrected;

        return new self(
            $kind === EventKind::Measured ? [...$this->gramsByIngredient, (string) $event->ingredient => (float) $event->grams] : $this->gramsByIngredient,
            $this->pouredGrams + ($kind === EventKind::Poured ? (float) $event->grams : 0.0),
            $this->correctionWaterGrams + ($isCorrection ? (float) $event->waterGrams : 0.0),
            $this->correctionFlourGrams + ($isCorrection ? (float) $event->flourGrams : 0.0),
            match ($kind) {
                EventKind::Felt => $event->grade,
                EventKind::Poured, EventKind::Corrected => null,
                default => $this->feel,
            },
            $kind === EventKind::Felt ? $event->grade : $this->lastFeel,
            $kind === EventKind::TemperatureTaken ? $event->celsius : $this->celsius,
            $this->corrections + ($isCorrection ? 1 : 0),
            $isCorrection ? $event->pieces ?? $this->count : $this->count,
            $kind === EventKind::Felt ? $event->by : $this->feltBy,
        );
    }

    /** @return array{lines: array<string, float>, poured: float, water: float, flour: float, feel: string|null, last_feel: string|null, celsius: float|null, corrections: int, count: int|null, by: string|null} */
    public function toRow(): array
    {
        return [
            'lines' => $this->gramsByIngredient, 'poured' => $this->pouredGrams, 'water' => $this->correctionWaterGrams, 'flour' => $this->correctionFlourGrams,
            'feel' => $this->feel?->value, 'last_feel' => $this->lastFeel?->value, 'celsius' => $this->celsius, 'corrections' => $this->corrections, 'count' => $this->count, 'by' => $this->feltBy,
        ];
    }

    public static function ofRow(Row $row): self
    {
        return new self(
            $row->row('lines')->allNumbers(),
            $row->number('poured'),
            $row->number('water'),
            $row->number('flour'),
            $row->optionalChoice('feel', FeelGrade::class),
            $row->optionalChoice('last_feel', FeelGrade::class),
            $row->optionalNumber('celsius'),
            $row->whole('corrections'),
            $row->optionalWhole('count'),
            $row->optionalText('by'),
        );
    }
}
