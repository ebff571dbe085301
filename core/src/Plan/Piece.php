<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Extra;
use StoneMill\Dough\WeighedExtra;
use StoneMill\Dough\WeighedLine;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Pantry\Role;
use StoneMill\School\ExtraPlace;
use StoneMill\School\Shaping;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Stuffed;

/** One piece as it is laid: its round, what is in it, and what goes with it beside the dough. */
final readonly class Piece
{
    /** Chopped things never close without gaps: share of a filling's room that is air. Planning estimate. */
    private const FILLING_AIR_SHARE = 0.05;

    private const FILLING_CELSIUS = 20.0;

    /**
     * @param float $doughDensity in g/mL
     * @param list<WeighedExtra> $extras all that is no part of the dough
     * @param list<WeighedLine> $baked of the whole batch, water and filling included
     */
    private function __construct(public Disc $disc, public ?Stuffed $stuffed, public float $doughDensity, public array $extras, public array $baked)
    {
    }

    /**
     * @param list<WeighedLine> $lines of the dough, water included
     * @param float $density of the dough in g/mL
     *
     * @throws InvalidInput If no round comes of what was wished.
     */
    public static function of(PlanRequest $request, DoughPlan $dough, array $lines, float $pieceGrams, int $count, float $density): self
    {
        $extras = array_map(static fn (Extra $extra): WeighedExtra => $extra->weighed($count, $pieceGrams), $request->extras);
        $filling = array_values(array_filter($extras, static fn (WeighedExtra $extra): bool => $extra->place->isInside()));
        if ($filling === []) {
            return new self(InvalidInput::unless(static fn (): Disc => self::disc($request, $pieceGrams, $density), 'pieces'), null, $density, $extras, $lines);
        }
        $stuffed = InvalidInput::unless(static fn (): Stuffed => self::stuffed($request, $dough, $filling, $pieceGrams, $density), 'formula.extras');
        $share = $pieceGrams * $count / $dough->mixedGrams();
        $dough = array_map(static fn (WeighedLine $line): WeighedLine => new WeighedLine($line->ingredient, $share * $line->grams, $share * $line->deviationGrams, $line->lot, $line->grind), $lines);

        return new self($stuffed->disc(), $stuffed, $density, $extras, [...$dough, ...array_map(static fn (WeighedExtra $extra): WeighedLine => $extra->line(), $filling)]);
    }

    /** @return list<WeighedExtra> what is eaten with the piece and was not inside it while it baked */
    public function beside(): array
    {
        return array_values(array_filter($this->extras, static fn (WeighedExtra $extra): bool => ! $extra->place->isInside()));
    }

    /** @return list<WeighedLine> what is no part of the dough, as lines */
    public function extraLines(): array
    {
        return array_map(static fn (WeighedExtra $extra): WeighedLine => $extra->line(), $this->extras);
    }

    /** Points of hydration by which the flour that stays on the pieces, worked in, makes the dough drier. */
    public function drierPoints(DoughPlan $dough): float
    {
        $eaten = array_map(static fn (WeighedExtra $extra): float => $extra->place === ExtraPlace::Dusting && $extra->ingredient->role->isFlourBase() ? $extra->place->eatenShare()->likely * $extra->grams() : 0.0, $this->extras);
        $flour = $dough->ledger->flourBaseGrams;

        return $dough->hydrationPercent() * (1 - $flour / ($flour + array_sum($eaten)));
    }

    public function meetsTheIronWithFat(): bool
    {
        return array_filter($this->extras, static fn (WeighedExtra $extra): bool => $extra->ingredient->role === Role::Fat && in_array($extra->place, [ExtraPlace::Griddle, ExtraPlace::Faces], true)) !== [];
    }

    /** What was said of the width holds, and a pan's own width where a batter runs to it; the thickness then follows from the weight. */
    private static function disc(PlanRequest $request, float $grams, float $density): Disc
    {
        $wide = $request->pieces->diameterMillimetres ?? ($request->method->shape === Shaping::Pour ? $request->gear->panMillimetres : null);

        return $wide !== null ? Disc::ofWeightAndDiameter($grams, $wide, $density) : Disc::ofWeightAndThickness($grams, self::thicknessMillimetres($request), $density);
    }

    /** @param list<WeighedExtra> $filling */
    private static function stuffed(PlanRequest $request, DoughPlan $dough, array $filling, float $pieceGrams, float $density): Stuffed
    {
        $grams = array_sum(array_map(static fn (WeighedExtra $extra): float => $extra->gramsEach, $filling));
        $fillingDensity = WeighedLine::mixed(array_map(static fn (WeighedExtra $extra): WeighedLine => $extra->line(), $filling))->densityAt(self::FILLING_CELSIUS) * (1 - self::FILLING_AIR_SHARE);
        $stuffing = new Stuffing($dough, $pieceGrams, $density);
        $closed = $stuffing->pressedTo(self::thicknessMillimetres($request), $grams, $fillingDensity);
        if ($request->pieces->diameterMillimetres !== null) {
            return $closed->pressedToDiameter($request->pieces->diameterMillimetres);
        }

        return $request->pieces->thicknessMillimetres !== null ? $closed : $stuffing->pressedSafely(self::thicknessMillimetres($request), $grams, $fillingDensity);
    }

    /** As wished or usual, and as this cook's hands make it. */
    private static function thicknessMillimetres(PlanRequest $request): float
    {
        return $request->wishedThicknessMillimetres() * ($request->experience->of(LearnedKind::Thickness)->value ?? 1.0);
    }
}
