<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Document\Answer;
use StoneMill\Document\Griddle\GriddleAnswers;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Griddle\Laying;
use StoneMill\Griddle\Loads;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\OwnTurns;
use StoneMill\Griddle\PlannedBake;
use StoneMill\Griddle\Practice;
use StoneMill\Griddle\SteadyCycle;
use StoneMill\Griddle\TurnSearch;
use StoneMill\Griddle\TurnWish;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Puzzle;
use StoneMill\Plan\Reference;

/** Questions about the griddle: pictures of a bake, the search for better turns, loads one after another, practice. */
final readonly class GriddleDesk
{
    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /**
     * The plan's own bake as a picture, and the cook's beside it.
     *
     * @throws InvalidInput If the document breaks the contract.
     */
    public function bake(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['request', 'own', 'sensitivity']);
        $laying = $this->laying($root->at('request'), $findings);
        $own = $root->at('own')->isAbsent() ? null : OwnTurns::read($root->at('own'));
        $wantsSensitivity = $root->at('sensitivity')->optionalBoolean() ?? false;
        $findings->refuseIfAny();
        $found = self::found($laying);

        return new Answer(GriddleAnswers::bake($found, $own?->bake($laying), $wantsSensitivity));
    }

    /**
     * The best heat, school and times for a wish.
     *
     * @throws InvalidInput If the document breaks the contract.
     */
    public function turns(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['request', 'wish']);
        $laying = $this->laying($root->at('request'), $findings);
        $wish = TurnWish::read($root->at('wish'), $laying);
        $findings->refuseIfAny();
        $search = new TurnSearch($wish);

        return new Answer(GriddleAnswers::turns($search, $search->best($laying)));
    }

    /**
     * Loads laid one after another.
     *
     * @throws InvalidInput If the document breaks the contract.
     */
    public function loads(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['request', 'gap_seconds', 'first_celsius']);
        $laying = $this->laying($root->at('request'), $findings);
        $gap = $root->at('gap_seconds')->optionalNumber(0, 600, 's') ?? SteadyCycle::GAP_SECONDS;
        $first = $root->at('first_celsius')->optionalNumber(60, 400, '°C') ?? $laying->surfaceCelsius();
        $findings->refuseIfAny();

        return new Answer(GriddleAnswers::loads((new Loads(self::found($laying), $gap))->followed($first)));
    }

    /**
     * The practice griddle as it stands now.
     *
     * @throws InvalidInput If the document breaks the contract.
     */
    public function practice(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['puzzle', 'acts', 'now_seconds']);
        $puzzle = $root->at('puzzle')->choice(Puzzle::class);
        $practice = Practice::read($root);
        $findings->refuseIfAny();
        $laying = $this->planner->laying($puzzle->request()->read($this->reference));

        return new Answer([
            ...GriddleAnswers::practice($practice->on($laying, $puzzle->metalCelsius())),
            'puzzle' => ['id' => $puzzle->value, 'title' => $puzzle->title(), 'task' => $puzzle->task(), 'surface_celsius' => $laying->surfaceCelsius(), 'thickness_mm' => $laying->thicknessMillimetres()],
            'puzzles' => array_map(static fn (Puzzle $one): array => ['id' => $one->value, 'title' => $one->title(), 'task' => $one->task()], Puzzle::cases()),
        ]);
    }

    private function laying(Node $node, Findings $findings): Laying
    {
        $node->fields();
        $request = PlanRequest::readNode($node, $this->reference, $findings);

        return $this->planner->settled($findings->sound($request));
    }

    private static function found(Laying $laying): PlannedBake
    {
        return (new ModelTurnPlanner)->bake($laying);
    }
}
