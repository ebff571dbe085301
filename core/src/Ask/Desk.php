<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Blend\BlendRequest;
use StoneMill\Blend\BlendSolver;
use StoneMill\Choose\Chooser;
use StoneMill\Compare\Comparison;
use StoneMill\Document\Answer;
use StoneMill\Document\BlendDocument;
use StoneMill\Document\CalibrationDocument;
use StoneMill\Document\ChoiceDocument;
use StoneMill\Document\ComparisonDocument;
use StoneMill\Document\MillingDocument;
use StoneMill\Document\NixtamalDocument;
use StoneMill\Document\OwnLabelDocument;
use StoneMill\Document\PlanDocument;
use StoneMill\Document\SwapDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Hearth\Calibration;
use StoneMill\Line\Effort;
use StoneMill\Mill\HomeMilling;
use StoneMill\Mill\Nixtamal;
use StoneMill\Pantry\OwnLabel;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Swap\Swapper;

/** The front door for every question: a decoded document in, an answer out. The same document gives the same answer. */
final readonly class Desk
{
    /** For answers that weigh many breads and show no griddle: the style's own times, without the model. */
    private Planner $sketcher;

    private GriddleDesk $griddle;

    public function __construct(private Reference $reference, private Planner $planner)
    {
        $this->sketcher = new Planner($reference, new StyleTurnPlanner, Effort::Sketch);
        $this->griddle = new GriddleDesk($reference, $planner);
    }

    /**
     * @throws InvalidInput If the document breaks the contract of the question.
     */
    public function answer(Question $question, mixed $document): Answer
    {
        return match ($question) {
            Question::Plan => new Answer(PlanDocument::of($this->planned($document))->json),
            Question::Compare => $this->compare($document),
            Question::Swap => new Answer((new SwapDocument((new Swapper($this->reference, $this->sketcher))->answer($document)))->json()),
            Question::Blend => $this->blend($document),
            Question::Choose => new Answer(ChoiceDocument::json((new Chooser($this->reference, $this->sketcher))->choose($document))),
            Question::Nixtamal => new Answer((new NixtamalDocument(Nixtamal::read($document)))->json()),
            Question::Milling => new Answer((new MillingDocument(HomeMilling::read($document)))->json()),
            Question::Label => $this->label($document),
            Question::Shape => (new ShapeDesk($this->reference, $this->sketcher))->answer($document),
            Question::Bake => $this->griddle->bake($document),
            Question::Turns => $this->griddle->turns($document),
            Question::Loads => $this->griddle->loads($document),
            Question::Calibrate => new Answer((new CalibrationDocument(Calibration::read($document)))->json()),
            Question::Practice => $this->griddle->practice($document),
            Question::Day => (new LineDesk($this->reference, $this->planner))->day($document),
            Question::Sheet => (new LineDesk($this->reference, $this->planner))->sheet($document),
            Question::Learn => (new LearnDesk)->learn($document),
            Question::Riddle => $this->faults()->riddle($document),
            Question::Trial => (new TrialDesk)->trial($document),
            Question::Formula => (new FormulaDesk($this->reference, Reference::names()))->formula($document),
            Question::Bags => (new SheetDesk($this->reference, Reference::names()))->bags($document),
            Question::Past => (new SheetDesk($this->reference, Reference::names()))->past($document),
            Question::Causes => $this->faults()->causes($document),
        };
    }

    /**
     * The plan itself, for a door that does not want its document.
     *
     * @throws InvalidInput If the document breaks the contract of the question.
     */
    public function planned(mixed $document): BatchPlan
    {
        return $this->planner->plan(PlanRequest::read($document, $this->reference));
    }

    /** What may be wrong with a batch, for a door that knows the batch. */
    public function faults(): FaultDesk
    {
        return new FaultDesk($this->reference, $this->planner);
    }

    private function compare(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['before', 'after']);
        foreach (['before', 'after'] as $side) {
            $root->at($side)->fields();
        }
        $findings->refuseIfAny();
        $before = PlanRequest::readNode($root->at('before'), $this->reference, $findings);
        $after = PlanRequest::readNode($root->at('after'), $this->reference, $findings);

        return new Answer(['changes' => ComparisonDocument::json(new Comparison($this->planner->plan($findings->sound($before)), $this->planner->plan($findings->sound($after))))]);
    }

    private function blend(mixed $document): Answer
    {
        $request = BlendRequest::read($document, $this->reference);
        $style = $request->style;
        $usual = $this->sketcher->plan(PlanRequest::ofStyle($style->id, $this->reference));

        $blend = (new BlendSolver(
            $request,
            $request->bindingLeast ?? $style->bindingNeed($style->method->shape, null)->index,
            $style->gummyAbove,
            $request->swollenShare ?? $usual->dough->ledger->swollenShare(),
        ))->solve();

        return new Answer((new BlendDocument($blend))->json());
    }

    private function label(mixed $document): Answer
    {
        $findings = new Findings;
        $label = OwnLabel::read(Node::root($document, $findings), $this->reference->catalogue);

        return new Answer((new OwnLabelDocument($findings->sound($label)))->json());
    }
}
