<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Document\Answer;
use StoneMill\Document\DiagnosisDocument;
use StoneMill\Document\PortraitDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Fault\Cause;
use StoneMill\Fault\Causes;
use StoneMill\Fault\Circumstances;
use StoneMill\Fault\Diagnosis;
use StoneMill\Fault\Evidence;
use StoneMill\Fault\Finder;
use StoneMill\Fault\Followed;
use StoneMill\Fault\Inquiry;
use StoneMill\Fault\Riddle;
use StoneMill\Fault\Seen;
use StoneMill\Fault\Tried;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Limits;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Portrait;
use StoneMill\Plan\Reference;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\FaultTally;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Verdict;
use StoneMill\School\Stage;
use StoneMill\School\Symptom;

/** What is wrong with a batch, and what to do about it. */
final readonly class FaultDesk
{
    public const MOST_SYMPTOMS = 5;

    private const EVENTS = 5000;

    private const TRIED = 100;

    private const LONGEST_CAUSE = 60;

    private Causes $causes;

    public function __construct(private Reference $reference, private Planner $planner)
    {
        $this->causes = Causes::shipped();
    }

    /**
     * Of a batch that the document tells: its request, what happened, what was seen.
     *
     * @throws InvalidInput If the document breaks the contract.
     */
    public function causes(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['request', 'events', 'symptoms', 'stage', 'piece', 'tried']);
        $given = GivenRequest::at($root->at('request'));
        $request = PlanRequest::readNode($root->at('request'), $this->reference, $findings);
        $symptoms = self::symptoms($root);
        $stage = $root->at('stage')->optionalChoice(Stage::class);
        $piece = $root->at('piece')->optionalInteger(1, Limits::PIECES);
        $tried = $root->at('tried')->isAbsent() ? [] : array_map($this->tried(...), $root->at('tried')->items(0, self::TRIED));
        $plan = $this->planner->plan($findings->sound($request));
        $state = self::state($root->at('events'), PlannedBatch::of($plan));
        $findings->refuseIfAny();

        return $this->about($given, new Circumstances($plan, $state, $piece, array_values(array_filter($tried))), $symptoms, $stage, null);
    }

    /**
     * What can be seen at a stage, and, where something was, its causes. A verdict tells its own symptoms.
     *
     * @param GivenRequest $request that the batch stands on
     * @param list<Symptom> $symptoms
     */
    private function about(GivenRequest $request, Circumstances $batch, array $symptoms, ?Stage $stage, ?Verdict $verdict): Answer
    {
        $seen = $symptoms === [] && $verdict !== null ? Seen::in($verdict, $batch->plan) : $symptoms;
        $diagnosis = $seen === [] ? null : new Diagnosis($batch, $request, $seen, (new Finder($this->causes))->suspects($batch, $seen), $this->planner, $this->reference);

        return new Answer([
            'symptoms' => array_map(DiagnosisDocument::symptom(...), (new Seen($this->causes))->at($stage, $batch->plan)),
            'diagnosis' => $diagnosis === null ? null : (new DiagnosisDocument($diagnosis))->json(),
        ]);
    }

    /**
     * Of a batch that the house keeps.
     *
     * @param GivenRequest $request that it stands on
     * @param mixed $document what was seen, where
     * @param list<array{faults: FaultTally, verdict: Verdict|null}> $earlier batches of the same bread, in order
     * @throws InvalidInput If the document breaks the contract.
     */
    public function of(GivenRequest $request, BatchState $state, ?Verdict $verdict, array $earlier, mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['symptoms', 'stage', 'piece']);
        $symptoms = self::symptoms($root);
        $stage = $root->at('stage')->optionalChoice(Stage::class);
        $piece = $root->at('piece')->optionalInteger(1, Limits::PIECES);
        $findings->refuseIfAny();
        $plan = $this->planner->plan($request->read($this->reference));

        return $this->about($request, new Circumstances($plan, $state, $piece, Followed::in($earlier)), $symptoms, $stage, $verdict);
    }

    /**
     * A batch to find the fault of: what shows, what looking tells, and, once the cook has decided, what it was.
     *
     * @throws InvalidInput If the document breaks the contract.
     */
    public function riddle(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['seed', 'looked', 'answer']);
        $seed = $root->at('seed')->integer(0, Riddle::MOST_SEED);
        $looked = $root->at('looked')->isAbsent() ? [] : array_map(static fn (Node $node): Inquiry => $node->choice(Inquiry::class), $root->at('looked')->items(0, count(Inquiry::cases())));
        $answer = $root->at('answer')->optionalText(self::LONGEST_CAUSE);
        $findings->refuseIfAny();
        $riddle = Riddle::of($seed, $this->causes, $this->reference, $this->planner);
        $plan = $riddle->batch->plan;

        return new Answer([
            'seed' => $seed,
            'bread' => $plan->request->style->name,
            'portrait' => PortraitDocument::json(Portrait::of($plan)),
            'symptoms' => array_map(DiagnosisDocument::symptom(...), $riddle->symptoms),
            'looks' => array_map(static fn (Inquiry $inquiry): array => [
                'look' => $inquiry->value,
                'question' => $inquiry->question(),
                'told' => in_array($inquiry, $looked, true) ? ($riddle->answer($inquiry) ?: ['Nobody wrote that down.']) : null,
            ], Inquiry::cases()),
            'choices' => array_map(static fn (Cause $cause): array => ['cause' => $cause->id, 'name' => $cause->name], $riddle->choices(new Finder($this->causes))),
            'outcome' => $answer === null ? null : [
                'right' => $answer === $riddle->cause->id,
                'cause' => $riddle->cause->id,
                'name' => $riddle->cause->name,
                'says' => $riddle->cause->says,
                'look' => $riddle->cause->look,
                'given' => array_map(static fn (Evidence $one): string => $one->text, $riddle->given()),
            ],
        ]);
    }

    /** @return list<Symptom> each once */
    private static function symptoms(Node $root): array
    {
        if ($root->at('symptoms')->isAbsent()) {
            return [];
        }
        $read = array_map(static fn (Node $node): string => $node->choice(Symptom::class)->value, $root->at('symptoms')->items(0, self::MOST_SYMPTOMS));

        return array_map(Symptom::from(...), array_values(array_unique($read)));
    }

    private function tried(Node $node): ?Tried
    {
        $node->object(['symptom', 'cause', 'helped']);
        $symptom = $node->at('symptom')->choice(Symptom::class);
        $cause = $node->at('cause')->text(self::LONGEST_CAUSE);
        $helped = $node->at('helped')->boolean();
        if ($this->causes->named($cause) === null) {
            $node->at('cause')->refuse('There is no such cause.', 'the name of a cause as this answers it');

            return null;
        }

        return new Tried($symptom, $cause, $helped);
    }

    private static function state(Node $events, PlannedBatch $plan): BatchState
    {
        $state = BatchState::of($plan, []);
        foreach ($events->isAbsent() ? [] : $events->items(0, self::EVENTS) as $node) {
            $event = BatchEvent::read($node);
            $state->check($event, $node);
            $state = $state->with($event);
        }

        return $state;
    }
}
