<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Node;
use StoneMill\Griddle\Aim;
use StoneMill\Griddle\OwnTurns;
use StoneMill\Griddle\SurfaceRange;
use StoneMill\School\Purpose;
use StoneMill\School\TurnSchool;
use StoneMill\Style\Style;

/** The heat and the outcome a cook wants at the griddle, or the cook's own times, as far as they were said. */
final readonly class GriddleWish
{
    private function __construct(
        public ?float $surfaceCelsius,
        private ?float $shade,
        private ?float $lossPercent,
        public float $balance,
        public ?int $turnCount,
        public ?OwnTurns $own,
    ) {
    }

    public static function read(Node $node): self
    {
        $node->object(['surface_celsius', 'shade', 'weight_loss_percent', 'balance', 'turn_count', 'own']);

        return new self(
            $node->at('surface_celsius')->optionalNumber(SurfaceRange::LEAST_CELSIUS, SurfaceRange::MOST_CELSIUS, '°C'),
            $node->at('shade')->optionalNumber(Aim::LEAST_SHADE, Aim::MOST_SHADE),
            $node->at('weight_loss_percent')->optionalNumber(Aim::LEAST_LOSS_PERCENT, Aim::MOST_LOSS_PERCENT, '%'),
            $node->at('balance')->optionalNumber(Limits::LEAST_BALANCE, Limits::MOST_BALANCE) ?? 1.0,
            $node->at('turn_count')->optionalInteger(1, Limits::MOST_TURNS),
            $node->at('own')->isAbsent() ? null : OwnTurns::read($node->at('own')),
        );
    }

    /** @param Purpose|null $purpose what it is for, where the cook said: against what its kind is first of all good for */
    public function aim(Style $style, TurnSchool $school, float $thicknessMillimetres, ?Purpose $purpose): Aim
    {
        $usual = $style->uses[0];
        $for = $purpose ?? $usual;

        return Aim::of($style->baking, $school, $thicknessMillimetres)
            ->leaning($for->lossPoints() - $usual->lossPoints(), $for->darker() - $usual->darker())
            ->wishing($this->lossPercent === null ? null : $this->lossPercent / 100, $this->shade);
    }
}
