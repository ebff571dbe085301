<?php

declare(strict_types=1);

namespace StoneMill\School;

/** What a piece is shaped on and under, so that it comes off whole. */
enum Liner: string
{
    case CutBag = 'cut_bag';
    case BakingPaper = 'baking_paper';
    case DampCloth = 'damp_cloth';
    case FlouredBoard = 'floured_board';
    case None = 'none';

    /** @return non-empty-list<self> that serve a way of shaping, the usual one first */
    public static function servingFor(Shaping $shaping): array
    {
        return match ($shaping) {
            Shaping::LeverPress, Shaping::TwoPlates => [self::CutBag, self::BakingPaper],
            Shaping::RollingPin, Shaping::Cutter => [self::BakingPaper, self::CutBag, self::FlouredBoard],
            Shaping::Palms => [self::CutBag, self::DampCloth, self::BakingPaper, self::None],
            Shaping::Fingers => [self::BakingPaper, self::DampCloth, self::CutBag],
            Shaping::Pour => [self::None],
        };
    }

    /** Of one sheet, in mm: a freezer bag, baking paper, a wrung-out tea towel; planning estimates. */
    public function millimetres(): float
    {
        return match ($this) {
            self::CutBag, self::BakingPaper => 0.05,
            self::DampCloth => 0.6,
            self::FlouredBoard, self::None => 0.0,
        };
    }

    /** Whether it lies on both sides of the piece while that is pressed or rolled. */
    public function isOnBothSides(): bool
    {
        return $this === self::CutBag || $this === self::BakingPaper;
    }

    public function inWords(): string
    {
        return match ($this) {
            self::CutBag => 'A cut plastic bag',
            self::BakingPaper => 'Baking paper',
            self::DampCloth => 'A damp cloth',
            self::FlouredBoard => 'A floured board',
            self::None => 'No liner',
        };
    }

    public function use(): string
    {
        return match ($this) {
            self::CutBag => 'A cut plastic bag, a sheet below and one above. Peel off one, turn over, peel off the other. Plastic never onto a hot surface.',
            self::BakingPaper => 'Two sheets of baking paper. Peel off the upper one first.',
            self::DampCloth => 'A damp, wrung-out cloth: it holds the piece while it is patted or spread and lets go of it when it is peeled off.',
            self::FlouredBoard => 'A board under a thin, even veil of flour. Move the piece after every few strokes, so that it never takes hold.',
            self::None => 'No liner.',
        };
    }
}
