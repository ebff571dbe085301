<?php

declare(strict_types=1);

namespace StoneMill\Document;

use JsonSerializable;
use StoneMill\Document\Plan\CostPart;
use StoneMill\Document\Plan\GriddlePart;
use StoneMill\Document\Plan\HelpingPart;
use StoneMill\Document\Plan\KeepingPart;
use StoneMill\Document\Plan\LabelPart;
use StoneMill\Document\Plan\LedgerPart;
use StoneMill\Document\Plan\LinePart;
use StoneMill\Document\Plan\MixPart;
use StoneMill\Document\Plan\PortionPart;
use StoneMill\Document\Plan\RestPart;
use StoneMill\Document\Plan\ShapePart;
use StoneMill\Document\Plan\StoredBatch;
use StoneMill\Document\Plan\StoredLine;
use StoneMill\Document\Plan\UpToDate;
use StoneMill\Document\Plan\WarningPart;
use StoneMill\Document\Plan\WaterPart;
use StoneMill\Exchange\Row;
use StoneMill\Label\Caution;
use StoneMill\Line\SheetFacts;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\CarbohydrateBudget;
use StoneMill\Plan\LearnedKind;
use StoneMill\Plan\LearnedNote;
use StoneMill\Plan\LearnedNotes;
use StoneMill\Plan\Portrait;
use StoneMill\Plan\Warning;
use StoneMill\Record\PlannedBatch;

/** A batch plan as a document: formats/batch-plan.schema.json. It was made from a plan just now, or stored when a batch began. */
final readonly class PlanDocument implements JsonSerializable
{
    /**
     * The form that plan documents have. It grows by one when a field is added, renamed or taken out, together with a migration,
     * so that the documents of older kitchens are brought up to date at the next start.
     */
    public const FORMAT = 7;

    /** @param array<string, mixed> $json */
    private function __construct(public array $json, public int $format)
    {
    }

    public static function of(BatchPlan $plan): self
    {
        $request = $plan->request;
        $each = $plan->eachTakes();
        $ledger = new LedgerPart($request, $plan->dough);
        $mix = new MixPart($request, $plan->dough);

        return new self([
            'style' => ['id' => $request->style->id, 'name' => $request->style->name],
            'purpose' => $request->purpose?->value,
            'method' => $request->method->choices(),
            'water' => (new WaterPart($request, $plan->dough))->json(),
            'mix' => $mix->json(),
            'rise' => $mix->rise(),
            'ledger' => $ledger->rows(),
            'binding' => $ledger->binding(),
            'steps' => array_map(WorkRows::step(...), $plan->steps()),
            'extras' => array_map(WorkRows::extra(...), $plan->piece->extras),
            'portion' => (new PortionPart($plan))->json(),
            'shape' => (new ShapePart($plan))->json(),
            'griddle' => (new GriddlePart($plan))->json(),
            'rest' => (new RestPart($plan))->json(),
            'stack' => ['seconds' => $request->style->stackSeconds, 'after' => $request->method->after->value, 'keep' => (new KeepingPart($plan->keeping))->json()],
            'line' => (new LinePart($plan->line))->json(),
            'label' => [
                ...(new LabelPart($plan->label))->json($each),
                'serving' => (new HelpingPart($plan->helping()))->json(),
                'cost' => (new CostPart($plan->cost))->json($plan->portions->count),
                'budget' => self::budget($plan->budget()),
            ],
            'cautions' => array_map(static fn (Caution $caution): array => ['id' => $caution->id, 'stage' => $caution->stage->value, 'text' => $caution->text], $plan->cautions),
            'warnings' => array_map(static fn (Warning $warning): array => (new WarningPart($warning))->json(), $plan->warnings),
            'learned' => array_map(static fn (LearnedNote $note): array => ['key' => $note->key, 'stage' => $note->stage->value, 'words' => $note->words, 'without' => $note->without], (new LearnedNotes($plan))->all()),
            'moved_by' => [
                'thickness_times' => round($plan->moved(LearnedKind::Thickness, 1.0), 4),
                'colour_times' => round($plan->moved(LearnedKind::Colour, 1.0), 4),
                'loss_points' => round($plan->moved(LearnedKind::WeightLoss, 0.0), 4),
            ],
            'portrait' => PortraitDocument::json(Portrait::of($plan)),
        ], self::FORMAT);
    }

    /** @param array<string, mixed> $json as it was stored, in the form with this number */
    public static function stored(array $json, int $format): self
    {
        return new self($json, $format);
    }

    public function isOld(): bool
    {
        return $this->format < self::FORMAT;
    }

    /** The same in today's form: what it says stays, what it did not say yet is taken from what the same request gives today. */
    public function broughtUpToDate(self $today): self
    {
        return new self(UpToDate::of($this->json, $today->json), $today->format);
    }

    /** What the log of a batch follows. */
    public function planned(): PlannedBatch
    {
        return StoredBatch::planned($this->row());
    }

    /** What a run sheet tells. */
    public function sheet(): SheetFacts
    {
        return StoredLine::sheet($this->row());
    }

    /** The line of work, as other batches of the day meet it. */
    public function line(): StoredLine
    {
        return StoredLine::of($this->row()->row('line'));
    }

    /** @return list<string> that stand beside its work, in words */
    public function cautions(): array
    {
        return array_map(static fn (Row $caution): string => $caution->text('text'), $this->row()->optionalRows('cautions'));
    }

    private function row(): Row
    {
        return Row::of($this->json, 'plan');
    }

    /** @return array<string, mixed>|null what the bread will look like; null of a plan from before that was told */
    public function portrait(): ?array
    {
        $portrait = $this->json['portrait'] ?? null;

        return is_array($portrait) ? array_combine(array_map(strval(...), array_keys($portrait)), $portrait) : null;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->json;
    }

    /** @return array<string, mixed>|null */
    private static function budget(?CarbohydrateBudget $budget): ?array
    {
        return $budget === null ? null : [
            'net_carbohydrate_grams' => $budget->netCarbohydrateGrams,
            'met' => $budget->isMet,
            'largest_piece_grams' => Figures::json($budget->largestPieceGrams),
        ];
    }
}
