<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use StoneMill\Document\PlanDocument;
use StoneMill\Document\Record\BowlPart;
use StoneMill\Document\Record\ScalePart;
use StoneMill\Document\StateDocument;
use StoneMill\Dough\FeelGrade;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\RequestChange;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\ShapeState;
use StoneMill\School\ExtraPlace;
use StoneMill\Tests\Bench;

/**
 * Batches from the first line to the first pieces on the scale, as the core tells each step. The page follows the same entries by itself
 * while the house is away (web/bench/follow.ts) and is held against this.
 */
final class FollowedOffline
{
    public const FILE = __DIR__.'/followed.json';

    private const BOWL = ['flour_base_grams', 'water_grams', 'hydration_percent', 'hydration_low_percent', 'hydration_high_percent', 'corrections', 'dough_grams', 'whole_dough_grams', 'piece_grams', 'feel', 'reserve_left_grams'];

    private const PORTION = ['count', 'left', 'start_grams', 'reading_grams', 'next_mark_grams', 'marks', 'next_piece_grams', 'tolerance_grams'];

    /** @return list<array<string, mixed>> */
    public static function all(): array
    {
        return array_map(self::batch(...), ['pressed-masa', 'rice-round', 'raised-round', 'chickpea-pan-bread']);
    }

    public static function text(): string
    {
        return sprintf("[\n%s\n]\n", implode(",\n", array_map(static fn (array $batch): string => json_encode($batch, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR), self::all())));
    }

    /** @return array<string, mixed> */
    private static function batch(string $style): array
    {
        $plan = PlanDocument::of(Bench::sketch($style, RequestChange::beside('rice-white', ExtraPlace::Dusting)))->planned();
        $state = BatchState::of($plan, []);
        $start = self::pages($state);
        $steps = [];
        foreach (self::entries($plan) as $number => $entry) {
            $fields = is_callable($entry) ? $entry($state) : $entry;
            $row = ['id' => sprintf('00000000-0000-4000-8000-%012d', $number + 1), 'at' => sprintf('2026-03-02T09:%02d:00.000Z', $number), ...$fields];
            $findings = new Findings;
            $event = BatchEvent::read(Node::root($row, $findings));
            $findings->refuseIfAny();
            $state = $state->with($event);
            $steps[] = ['event' => $row, 'then' => self::told($state)];
        }

        return ['style' => $style, 'start' => $start, 'steps' => $steps];
    }

    /** @return list<array<string, mixed>|callable(BatchState): array<string, mixed>> a first line too heavy, the others as planned, water, two corrections, the scale */
    private static function entries(PlannedBatch $plan): array
    {
        $measured = [];
        foreach ($plan->lines as $index => $line) {
            $measured[] = ['kind' => 'measured', 'ingredient' => $line->ingredient, 'grams' => round($line->grams + ($index === 0 ? 12 : 0), 2)];
        }

        return [
            ...$measured,
            ['kind' => 'extra_weighed', 'extra' => 'dusting', 'ingredient' => 'rice-white', 'grams' => 21.5],
            static fn (BatchState $state): array => ['kind' => 'poured', 'grams' => $state->bowl()->wantedFirstPourGrams()],
            ['kind' => 'felt', 'grade' => 'crumbly'],
            static fn (BatchState $state): array => self::workedIn($state, $plan->count),
            ['kind' => 'felt', 'grade' => 'tacky'],
            static fn (BatchState $state): array => self::workedIn($state, $plan->count + 1),
            ['kind' => 'felt', 'grade' => 'ready'],
            static fn (BatchState $state): array => ['kind' => 'scale_set', 'grams' => round($state->bowl()->doughGrams() * 0.97), 'pieces' => $plan->count + 1],
            static fn (BatchState $state): array => ['kind' => 'portioned', 'grams' => self::nextMark($state) + 1],
            static fn (BatchState $state): array => ['kind' => 'portioned', 'grams' => self::nextMark($state)],
        ];
    }

    private static function nextMark(BatchState $state): float
    {
        $mark = (new ScalePart($state->portions()))->json()['next_mark_grams'];

        return is_numeric($mark) ? (float) $mark : 0.0;
    }

    /** @return array<string, mixed> what the hand is told to work in for what it felt */
    private static function workedIn(BatchState $state, int $pieces): array
    {
        $grade = $state->bowl()->feel() ?? FeelGrade::Ready;
        $correction = $state->bowl()->correctionFor($grade);

        return ['kind' => 'corrected', 'water_grams' => $correction->waterGrams->likely, 'flour_grams' => $correction->flourGrams->likely, 'pieces' => $pieces];
    }

    /** @return array<string, mixed> what the page has of a batch when it starts */
    private static function pages(BatchState $state): array
    {
        $bowl = $state->bowl();
        $answers = array_map(static function (FeelGrade $grade) use ($bowl): array {
            $flour = $bowl->correctionFor($grade)->flourGrams->likely;
            $mix = $bowl->dryMix($flour);

            return [
                'grade' => $grade->value,
                'flour_grams' => ['value' => $flour],
                'dry_mix' => array_map(static fn (string $ingredient, float $grams): array => ['ingredient' => $ingredient, 'grams' => $grams], array_keys($mix), array_values($mix)),
            ];
        }, FeelGrade::cases());
        $shape = (new ShapeState($state->plan(), $bowl->pieceGrams()))->diameterMillimetres();

        return [
            'stage' => 'measure', 'begun' => false, 'entered' => [], 'notes' => [], 'clocks' => [],
            'bowl' => (new BowlPart($bowl))->json(), 'extras' => StateDocument::extras($state), 'feel_answers' => $answers, 'portion' => (new ScalePart($state->portions()))->json(),
            'shape' => ['diameter_mm' => ['value' => $shape, 'low' => $shape, 'high' => $shape]],
            'line' => ['ready_at' => null, 'planned_at' => null, 'late_seconds' => null, 'waits_until' => null, 'stages' => []],
        ];
    }

    /** @return array<string, mixed> */
    private static function told(BatchState $state): array
    {
        $bowl = (new BowlPart($state->bowl()))->json();
        $portions = $state->portions();
        $water = is_array($bowl['water']) ? $bowl['water'] : [];

        return [
            'bowl' => array_intersect_key($bowl, array_flip(self::BOWL)),
            'extras_grams' => array_column(StateDocument::extras($state), 'grams'),
            'water' => array_diff_key($water, ['jug' => true]),
            'portion' => array_intersect_key((new ScalePart($portions))->json(), array_flip(self::PORTION)),
            'diameter_mm' => (new ShapeState($state->plan(), $portions->meanGrams() ?? $state->bowl()->pieceGrams()))->diameterMillimetres(),
        ];
    }
}
