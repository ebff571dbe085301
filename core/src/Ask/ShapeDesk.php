<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Bake\Steam;
use StoneMill\Document\Answer;
use StoneMill\Document\ShapeDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Plan\Stuffing;
use StoneMill\Shape\Batter;
use StoneMill\Shape\CutDough;
use StoneMill\Shape\CutOuts;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Handling;
use StoneMill\Shape\Pan;
use StoneMill\Shape\PouredBatter;
use StoneMill\Shape\SpreadSheet;
use StoneMill\Shape\Stuffed;
use StoneMill\Shape\Wedges;

/** Questions about the shape of the pieces: handling and limits, cut-outs, filling, batter by the pan, wedges, a spread sheet. */
final readonly class ShapeDesk
{
    private const FILLING_DENSITY = 1.05;

    private const USUAL_FILLING_PERCENT = 45.0;

    /** Minutes that a sheet lies open while it is rolled and cut. */
    private const OPEN_MINUTES = 5.0;

    /** Mass transfer in m/s from a sheet on a board in still air. Planning estimate, from 4 W/(m²·K). */
    private const STILL_AIR = 0.0042;

    private const USUAL_HUMIDITY_PERCENT = 50.0;

    private const MOST_BOARD_MM = 1500;

    public function __construct(private Reference $reference, private Planner $sketcher)
    {
    }

    /**
     * @throws InvalidInput If the document breaks the contract.
     */
    public function answer(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['request', 'wedges', 'cut', 'stuffed', 'batter', 'sheet']);
        $root->at('request')->fields();
        $request = PlanRequest::readNode($root->at('request'), $this->reference, $findings);
        $plan = $this->sketcher->plan($findings->sound($request));
        $answer = new ShapeDocument(
            $plan,
            self::handling($plan),
            self::wedges($root->at('wedges'), $plan),
            self::sheet($root->at('sheet'), $plan),
            self::cut($root->at('cut'), $plan),
            self::stuffed($root->at('stuffed'), $plan),
            self::batter($root->at('batter'), $plan),
        );
        $findings->refuseIfAny();

        return new Answer($answer->json());
    }

    private static function handling(BatchPlan $plan): Handling
    {
        return new Handling($plan->disc, $plan->request->method->shape, $plan->request->gear->pressMillimetres, $plan->request->style->thicknessBand->low, $plan->dough->bindingShare(), $plan->carrying, $plan->request->pieces->oblong);
    }

    private static function wedges(Node $node, BatchPlan $plan): ?Wedges
    {
        if ($node->isAbsent()) {
            return null;
        }
        $node->object(['pan_mm', 'count']);
        $pan = $node->at('pan_mm')->number(80, 800, 'mm');
        $count = $node->at('count')->integer(2, 12);

        return $pan < 80 || $count < 2 || $count > 12 ? null
            : new Wedges(Disc::ofDiameterAndThickness($pan, $plan->disc->thicknessMillimetres, $plan->disc->gramsPerMillilitre), $count);
    }

    /** A sheet spread by hand. */
    private static function sheet(Node $node, BatchPlan $plan): ?SpreadSheet
    {
        if ($node->isAbsent()) {
            return null;
        }
        $node->object(['width_mm', 'depth_mm']);
        $area = $node->at('width_mm')->number(80, 1000, 'mm') * $node->at('depth_mm')->number(80, 1000, 'mm');

        return new SpreadSheet($area, $plan->portions->countdown->readingGrams, $plan->disc->thicknessMillimetres, $plan->disc->gramsPerMillilitre);
    }

    private static function cut(Node $node, BatchPlan $plan): ?CutDough
    {
        if ($node->isAbsent()) {
            return null;
        }
        $node->object(['cutter_mm', 'board_mm', 'open_minutes']);
        $board = $node->at('board_mm')->optionalNumber(100, self::MOST_BOARD_MM, 'mm') ?? 400.0;
        $cutter = $node->at('cutter_mm')->optionalNumber(20, self::MOST_BOARD_MM, 'mm') ?? min($board, $plan->disc->diameterMillimetres);
        if ($cutter > $board) {
            $node->at('cutter_mm')->refuse('The cutter is wider than the board.', sprintf('at most %g mm', $board));
        }
        $minutes = $node->at('open_minutes')->optionalNumber(0, 60, 'min') ?? self::OPEN_MINUTES;
        if ($cutter > $board || $board < 100 || $cutter < 20 || $minutes < 0) {
            return null;
        }
        $room = $plan->request->room;
        $dryness = Steam::densityAt($room->celsius) * (1 - ($room->relativeHumidityPercent ?? self::USUAL_HUMIDITY_PERCENT) / 100);
        $dough = $plan->portions->countdown->readingGrams;
        // Only the upper face gives its water to the room; the lower lies on a liner.
        $dried = 1000 * self::STILL_AIR * $dryness * 60 * $minutes;

        return CutOuts::of($plan->disc->gramsPerMillilitre, $plan->disc->thicknessMillimetres, $cutter, $board, $dried)
            ->from($dough, $plan->dough->ledger->flourBaseGrams / $plan->dough->mixedGrams());
    }

    private static function stuffed(Node $node, BatchPlan $plan): ?Stuffed
    {
        if ($node->isAbsent()) {
            return null;
        }
        $node->object(['filling_percent', 'thickness_mm', 'filling_grams_per_millilitre']);
        $percent = $node->at('filling_percent')->optionalNumber(2, 200, '% of the dough') ?? self::USUAL_FILLING_PERCENT;
        $thickness = $node->at('thickness_mm')->optionalNumber(3, 40, 'mm') ?? max(3.0, 1.6 * $plan->disc->thicknessMillimetres);
        $density = $node->at('filling_grams_per_millilitre')->optionalNumber(0.3, 1.8, 'g/mL') ?? self::FILLING_DENSITY;
        if ($percent < 2 || $percent > 200 || $thickness < 3 || $thickness > 40 || $density < 0.3) {
            return null;
        }
        $dough = $plan->portions->pieceGrams();

        return (new Stuffing($plan->dough, $dough, $plan->piece->doughDensity))->pressedTo($thickness, $percent / 100 * $dough, $density);
    }

    private static function batter(Node $node, BatchPlan $plan): ?PouredBatter
    {
        if ($node->isAbsent()) {
            return null;
        }
        $node->object(['pan', 'depth_mm', 'other']);
        $pan = Pan::read($node->at('pan'));
        $other = $node->at('other')->isAbsent() ? null : Pan::read($node->at('other'));
        $depth = $node->at('depth_mm')->optionalNumber(0.5, 60, 'mm') ?? $plan->disc->thicknessMillimetres;

        return $pan === null || $depth < 0.5 ? null : (new Batter($plan->portions->countdown->readingGrams, $plan->disc->gramsPerMillilitre))
            ->poured($pan, $depth, $plan->portions->countdown->resolutionGrams, $other);
    }
}
