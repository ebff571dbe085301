<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Line\Action;
use StoneMill\Line\Day;
use StoneMill\Line\DayBatch;
use StoneMill\Line\RunRow;
use StoneMill\Line\RunSheet;

/**
 * Questions about hands and time: several batches on one day, and one batch as a list to take along.
 *
 * @phpstan-import-type SheetPlan from RunSheet
 */
final readonly class LineDesk
{
    public const BATCHES = 12;

    /** So many pieces of all batches of a day are put in order within about a second. */
    private const PIECES_OF_A_DAY = 600;

    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput If the document breaks the contract, or a batch has no time.
     */
    public function day(mixed $document): array
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['hands', 'batches', 'not_before']);
        $hands = $root->at('hands')->optionalInteger(1, Limits::HANDS) ?? 1;
        $notBefore = $root->at('not_before')->optionalMoment();
        $batches = [];
        $pieces = 0;
        foreach ($root->at('batches')->items(1, self::BATCHES) as $index => $node) {
            $node->object(['name', 'request', 'griddle']);
            $name = $node->at('name')->optionalText(80);
            $griddle = $node->at('griddle')->optionalText(80);
            $plan = $this->timed($node->at('request'), $findings);
            $pieces += $plan === null ? 0 : $plan->portions->count;
            if ($pieces > self::PIECES_OF_A_DAY) {
                $root->at('batches')->refuse('This day has too many pieces to be put in order at once: leave out a batch, or plan fewer pieces.', sprintf('at most %d pieces together', self::PIECES_OF_A_DAY));
                break;
            }
            if ($plan !== null && $plan->line->startsAt !== null) {
                $actions = array_map(static fn (Action $action): array => $action->toArray(), $plan->line->timeline->actions);
                $batches[] = DayBatch::of((string) ($index + 1), $name ?? $plan->request->style->name, $plan->line->startsAt, $plan->line->timeline->lengthSeconds(), $actions, $griddle, true);
            }
        }
        $findings->refuseIfAny();

        return (new Day($batches, $hands, $notBefore))->toArray();
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput If the document breaks the contract, or the batch has no time.
     */
    public function sheet(mixed $document): array
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['title', 'request']);
        $title = $root->at('title')->optionalText(80);
        $plan = $this->timed($root->at('request'), $findings);
        $findings->refuseIfAny();
        if ($plan === null || $plan->line->startsAt === null) {
            throw new \LogicException('A request without findings was not planned.');
        }
        /** @var SheetPlan $stored */
        $stored = $plan->toArray();
        $sheet = RunSheet::of($title ?? $plan->request->style->name, $stored, $plan->line->startsAt);

        return [
            'title' => $sheet->title,
            'rows' => array_map(static fn (RunRow $row): array => [
                'what' => $row->what, 'from' => $row->from->format(DATE_RFC3339), 'until' => $row->until->format(DATE_RFC3339), 'says' => $row->says, 'detail' => $row->detail,
            ], $sheet->rows),
            'lines' => $sheet->lines(),
        ];
    }

    private function timed(Node $node, Findings $findings): ?BatchPlan
    {
        $node->fields();
        $request = PlanRequest::readNode($node, $this->reference, $findings);
        if ($request !== null && $request->serveAt === null && $request->beginAt === null) {
            $node->at('serve_at')->refuse('This is missing.', 'serve_at or begin_at, so that there is a clock');

            return null;
        }

        return $request === null ? null : $this->planner->plan($request);
    }
}
