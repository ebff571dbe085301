<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Document\Plan\StuffedPart;
use StoneMill\Plan\BatchPlan;
use StoneMill\Shape\CutDough;
use StoneMill\Shape\CutSheet;
use StoneMill\Shape\Handling;
use StoneMill\Shape\OtherPan;
use StoneMill\Shape\PouredBatter;
use StoneMill\Shape\PressLimits;
use StoneMill\Shape\SpreadSheet;
use StoneMill\Shape\Stuffed;
use StoneMill\Shape\Wedges;

/** How the pieces of a plan are made, and what other ways of shaping make of its dough; a part is null where nobody asked. */
final readonly class ShapeDocument
{
    public function __construct(
        private BatchPlan $plan,
        private Handling $handling,
        private ?Wedges $wedges,
        private ?SpreadSheet $sheet,
        private ?CutDough $cut,
        private ?Stuffed $stuffed,
        private ?PouredBatter $batter,
    ) {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'diameter_mm' => round($this->plan->disc->diameterMillimetres, 1),
            'thickness_mm' => round($this->plan->disc->thicknessMillimetres, 2),
            'piece_grams' => round($this->plan->portions->pieceGrams(), 2),
            'grams_per_millilitre' => round($this->plan->disc->gramsPerMillilitre, 4),
            'handling' => self::handling($this->handling),
            'wedges' => $this->wedges === null ? null : self::wedges($this->wedges),
            'sheet' => $this->sheet === null ? null : self::sheet($this->sheet),
            'cut' => $this->cut === null ? null : self::cut($this->cut),
            'stuffed' => $this->stuffed === null ? null : (new StuffedPart($this->stuffed))->json(),
            'batter' => $this->batter === null ? null : self::batter($this->batter),
        ];
    }

    /** @return array<string, mixed> */
    private static function handling(Handling $handling): array
    {
        $rounded = static fn (?float $millimetres, int $digits): ?float => $millimetres === null ? null : round($millimetres, $digits);
        $press = $handling->press();

        return [
            'thinnest_mm' => round($handling->thinnestMillimetres(), 2),
            'holds' => $handling->holds(),
            'towards_hinge_mm' => $rounded($handling->towardsHingeMillimetres(), 0),
            'guide_mm' => $rounded($handling->guideMillimetres(), 2),
            'ball_mm' => $rounded($handling->ballMillimetres(), 1),
            'press' => $press === null ? null : self::press($press),
            'steps' => $handling->steps(),
        ];
    }

    /** @return array<string, mixed> */
    private static function press(PressLimits $press): array
    {
        return [
            'plate_mm' => $press->plateMillimetres,
            'widest_mm' => round($press->widestMillimetres, 1),
            'most_grams' => round($press->mostGrams, 1),
            'thinnest_of_piece_mm' => round($press->thinnestOfPieceMillimetres, 2),
            'fits' => $press->presses === 1,
            'presses' => $press->presses,
            'offset_mm' => round($press->offsetMillimetres, 1),
        ];
    }

    /** @return array<string, mixed> */
    private static function wedges(Wedges $wedges): array
    {
        return [
            'count' => $wedges->count,
            'wedge_grams' => round($wedges->grams(), 1),
            'round_grams' => round($wedges->round->grams, 1),
            'angle_degrees' => round($wedges->angleDegrees(), 1),
            'side_mm' => round($wedges->sideMillimetres(), 1),
            'rim_mm' => round($wedges->rimMillimetres(), 1),
        ];
    }

    /** @return array<string, mixed> */
    private static function sheet(SpreadSheet $sheet): array
    {
        return ['grams' => round($sheet->grams(), 1), 'sheets' => round($sheet->sheets(), 2), 'one_sheet_thickness_mm' => round($sheet->thicknessOfOneMillimetres(), 2)];
    }

    /** @return array<string, mixed> */
    private static function cut(CutDough $cut): array
    {
        return [
            'disc_grams' => round($cut->discGrams, 2),
            'count' => $cut->count,
            'generations' => array_map(static fn (int $index, CutSheet $sheet): array => [
                'generation' => $index + 1,
                'sheet_grams' => round($sheet->grams, 1),
                'width_mm' => round($sheet->widthMillimetres),
                'depth_mm' => round($sheet->depthMillimetres),
                'discs' => count($sheet->places),
                'places' => $sheet->places,
                'offcut_grams' => round($sheet->offcutGrams, 1),
                'offcut_percent' => round(100 * $sheet->offcutGrams / $sheet->grams, 1),
                'drier_by_points' => round($sheet->drierByPoints, 2),
                'work_in_water_grams' => round($sheet->workInWaterGrams, 1),
            ], array_keys($cut->sheets), $cut->sheets),
            'left_grams' => round($cut->leftGrams, 1),
            'last_piece' => $cut->lastPiece === null ? null : ['grams' => round($cut->lastPiece->grams, 1), 'diameter_mm' => round($cut->lastPiece->diameterMillimetres)],
        ];
    }

    /** @return array<string, mixed> */
    private static function batter(PouredBatter $batter): array
    {
        return [
            'rounds' => $batter->rounds,
            'pour_grams' => round($batter->pourGrams, 1),
            'pour_millilitres' => round($batter->pourMillilitres, 1),
            'depth_mm' => round($batter->depthMillimetres, 2),
            'overflows' => $batter->overflows,
            'marks' => $batter->marks,
            'wanted_depth_mm' => round($batter->wantedDepthMillimetres, 2),
            'whole_pans_left_grams' => round($batter->wholePansLeftGrams, 1),
            'other' => $batter->inAnother === null ? null : self::otherPan($batter->inAnother),
        ];
    }

    /** @return array<string, mixed> */
    private static function otherPan(OtherPan $pan): array
    {
        return [
            'same_pour_depth_mm' => round($pan->samePourDepthMillimetres, 2),
            'same_pour_time_factor' => round($pan->samePourTimes, 2),
            'same_depth_grams' => round($pan->sameDepthGrams, 1),
            'same_depth_rounds' => round($pan->sameDepthRounds, 2),
            'overflows' => $pan->overflows,
        ];
    }
}
