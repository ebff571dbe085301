<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Document\Answer;
use StoneMill\Document\DayDocument;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Line\Day;
use StoneMill\Line\DayBatch;
use StoneMill\Line\RunRow;
use StoneMill\Line\RunSheet;
use StoneMill\Plan\Limits;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/** Questions about hands and time: several batches on one day, and one batch as a list to take along. */
final readonly class LineDesk
{
    public const BATCHES = 12;

    /** So many pieces of all batches of a day are put in order within about a second. */
    private const PIECES_OF_A_DAY = 400;

    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /**
     * @throws InvalidInput If the document breaks the contract, or a batch has no time.
     */
    public function day(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['hands', 'batches', 'not_before']);
        $hands = $root->at('hands')->optionalInteger(1, Limits::HANDS) ?? 1;
        $notBefore = $root->at('not_before')->optionalMoment();
        $nodes = $root->at('batches')->items(1, self::BATCHES);
        $requests = array_map(fn (Node $node): ?PlanRequest => $this->timed($node->object(['name', 'request', 'griddle'])->at('request'), $findings), $nodes);
        $findings->refuseIfAny();
        $this->refuseTooMany(array_values(array_filter($requests)), $root->at('batches'));
        $findings->refuseIfAny();
        $batches = array_map($this->batch(...), $nodes, array_values(array_filter($requests)), array_keys($nodes));
        $findings->refuseIfAny();

        return new Answer((new DayDocument(new Day($batches, $hands, $notBefore)))->json());
    }

    /**
     * @throws InvalidInput If the document breaks the contract, or the batch has no time.
     */
    public function sheet(mixed $document): Answer
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['title', 'request']);
        $title = $root->at('title')->optionalText(80);
        $request = $this->timed($root->at('request'), $findings);
        $findings->refuseIfAny();
        $plan = $request === null ? null : $this->planner->plan($request);
        if ($plan === null || $plan->line->startsAt === null) {
            throw new \LogicException('A request without findings was not planned.');
        }
        $sheet = RunSheet::of($title ?? $plan->request->style->name, PlanDocument::of($plan)->sheet(), $plan->line->startsAt);

        return new Answer([
            'title' => $sheet->title,
            'rows' => array_map(static fn (RunRow $row): array => [
                'what' => $row->what, 'from' => $row->from->format(DATE_RFC3339), 'until' => $row->until->format(DATE_RFC3339), 'says' => $row->says, 'detail' => $row->detail,
            ], $sheet->rows),
            'lines' => $sheet->lines(),
        ]);
    }

    private function timed(Node $node, Findings $findings): ?PlanRequest
    {
        $node->fields();
        $request = PlanRequest::readNode($node, $this->reference, $findings);
        if ($request !== null && $request->serveAt === null && $request->beginAt === null) {
            $node->at('serve_at')->refuse('This is missing.', 'serve_at or begin_at, so that there is a clock');

            return null;
        }

        return $request;
    }

    /** @param list<PlanRequest> $requests */
    private function refuseTooMany(array $requests, Node $node): void
    {
        $pieces = 0;
        foreach ($requests as $request) {
            $pieces += $this->planner->pieces($request);
        }
        if ($pieces > self::PIECES_OF_A_DAY) {
            $node->refuse(sprintf('This day has %d pieces, too many to be put in order at once: leave out a batch, or plan fewer pieces.', $pieces), sprintf('at most %d pieces together', self::PIECES_OF_A_DAY));
        }
    }

    private function batch(Node $node, PlanRequest $request, int $index): DayBatch
    {
        // Whether it fits between beginning and serving is no question of the day; to find out takes as long as all the rest.
        $plan = $this->planner->plan($request->serveAt === null ? $request : $request->beginningAnyTime());
        $starts = $plan->line->startsAt ?? throw new \LogicException('A batch with a time has a beginning.');

        return DayBatch::of((string) ($index + 1), $node->at('name')->optionalText(80) ?? $request->style->name, $starts, $plan->line->timeline->lengthSeconds(), $plan->line->timeline->actions, $node->at('griddle')->optionalText(80), true);
    }
}
