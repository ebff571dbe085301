<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\StateDocument;
use StoneMill\Dough\FeelGrade;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\RequestChange;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Tally;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

/**
 * A thousand days of two tablets on one batch: entries, undos, answers that are lost and sent again, entries that come late. The
 * house carries the state forward as it does in the database, as text.
 */
final class TwoTabletsTest extends TestCase
{
    private const DAYS = 1000;

    private const MOMENTS = 40;

    /** @var list<BatchEvent> */
    private array $log = [];

    private string $carried = '';

    private int $number = 0;

    public function test_after_any_day_of_two_tablets_both_show_what_the_log_says(): void
    {
        $seeded = new Seeded(2609);
        $plans = array_map(static fn (string $style): PlannedBatch => PlannedBatch::of(Bench::sketch($style, RequestChange::pieces(6))), ['pressed-masa', 'millet-round', 'rice-round', 'almond-wrap']);
        $undone = 0;
        for ($day = 0; $day < self::DAYS; $day++) {
            $plan = $seeded->one($plans);
            $this->log = [];
            $this->carried = Tally::of([])->toText();
            $waiting = [[], []];
            $acknowledged = [];
            for ($moment = 0; $moment < self::MOMENTS; $moment++) {
                $tablet = $seeded->int(0, 1);
                $waiting[$tablet][] = $this->entry($seeded, $plan, $moment);
                // Now and then a tablet is away, and what it holds comes late.
                if ($seeded->int(0, 3) > 0) {
                    [$waiting[$tablet], $taken] = $this->sent($seeded, $plan, $waiting[$tablet]);
                    $acknowledged = [...$acknowledged, ...$taken];
                }
            }
            foreach ($waiting as $rest) {
                while ($rest !== []) {
                    [$rest, $taken] = $this->sent($seeded, $plan, $rest);
                    $acknowledged = [...$acknowledged, ...$taken];
                }
            }
            $ids = $this->ids();
            $undone += count(array_filter($this->log, static fn (BatchEvent $event): bool => $event->kind === EventKind::Undone));
            self::assertSame($ids, array_values(array_unique($ids)), 'each entry is in the log once');
            self::assertSame([], array_diff($acknowledged, $ids), 'what was acknowledged is in the log');
            self::assertEquals(
                (new StateDocument(BatchState::of($plan, $this->log)))->json(),
                (new StateDocument(BatchState::carried($plan, Tally::fromText($this->carried) ?? Tally::of([]))))->json(),
                "day $day: what both tablets hear is what the log says",
            );
        }
        self::assertGreaterThan(self::DAYS, $undone, 'a year without undos shows nothing about them');
    }

    /**
     * A tablet sends what it holds, oldest first, until the house does not answer; an answer that is lost leaves the entry waiting.
     *
     * @param list<BatchEvent> $waiting
     * @return array{list<BatchEvent>, list<string>} what still waits, and what was acknowledged
     */
    private function sent(Seeded $seeded, PlannedBatch $plan, array $waiting): array
    {
        $acknowledged = [];
        while ($waiting !== []) {
            if ($seeded->int(0, 9) === 0) {
                break;
            }
            $isTaken = $this->taken($plan, $waiting[0]);
            // The answer is lost.
            if ($seeded->int(1, 10) === 1) {
                break;
            }
            $sent = array_shift($waiting);
            if ($isTaken) {
                $acknowledged[] = $sent->id;
            }
        }

        return [$waiting, $acknowledged];
    }

    /** As the house records it: known entries once, an undo by the whole log, anything else by what was carried forward. */
    private function taken(PlannedBatch $plan, BatchEvent $event): bool
    {
        if (in_array($event->id, array_map(static fn (BatchEvent $known): string => $known->id, $this->log), true)) {
            return true;
        }
        $tally = Tally::fromText($this->carried);
        self::assertNotNull($tally);
        $state = $event->kind === EventKind::Undone ? BatchState::of($plan, $this->log) : BatchState::carried($plan, $tally);
        $findings = new Findings;
        $state->check($event, Node::root([], $findings));
        if (! $findings->areEmpty()) {
            return false;
        }
        $this->log[] = $event;
        $this->carried = $state->with($event)->tally()->toText();

        return true;
    }

    private function entry(Seeded $seeded, PlannedBatch $plan, int $moment): BatchEvent
    {
        $piece = $seeded->int(1, 7);
        $kind = $seeded->one([
            EventKind::Entered, EventKind::Measured, EventKind::Poured, EventKind::Felt, EventKind::Corrected, EventKind::RestStarted, EventKind::ScaleSet,
            EventKind::Portioned, EventKind::Laid, EventKind::Laid, EventKind::Turned, EventKind::Turned, EventKind::Lifted, EventKind::CentreTaken,
            EventKind::Paused, EventKind::Resumed, EventKind::Stacked, EventKind::Noted, EventKind::Undone, EventKind::Undone, EventKind::Undone,
        ]);
        $known = array_map(static fn (BatchEvent $event): string => $event->id, $this->log);
        $fields = match ($kind) {
            EventKind::Entered => ['stage' => $seeded->one(\StoneMill\School\Stage::cases())],
            EventKind::Measured => ['ingredient' => $seeded->one(array_column($plan->lines, 'ingredient') ?: ['salt']), 'grams' => $seeded->between(1, 300)],
            EventKind::Poured => ['grams' => $seeded->between(1, 200)],
            EventKind::Felt => ['grade' => $seeded->one(FeelGrade::cases())],
            EventKind::Corrected => ['waterGrams' => $seeded->between(0, 20), 'flourGrams' => $seeded->between(0, 20), 'pieces' => $seeded->one([null, 5, 6])],
            EventKind::ScaleSet => ['grams' => $seeded->between(200, 400), 'pieces' => $seeded->int(3, 7)],
            EventKind::Portioned => ['grams' => $seeded->between(10, 390)],
            EventKind::Laid => ['piece' => $piece, 'place' => $seeded->int(1, 4)],
            EventKind::Turned, EventKind::Lifted => ['piece' => $piece],
            EventKind::CentreTaken => ['piece' => $piece, 'celsius' => $seeded->between(40, 100)],
            EventKind::Noted => ['text' => 'a word'],
            EventKind::Undone => ['undoes' => $known === [] ? '00000000-0000-4000-8000-999999999999' : $known[$seeded->int((int) (count($known) / 2), count($known) - 1)]],
            default => [],
        };

        // The tablets' clocks differ by seconds either way.
        return new BatchEvent(...[
            'id' => sprintf('00000000-0000-4000-8000-%012d', ++$this->number),
            'kind' => $kind,
            'at' => LogTime::ofMilliseconds(LogTime::toMilliseconds(new DateTimeImmutable('2026-03-29T00:30:00Z')) + 1000 * 25 * $moment + $seeded->int(-3000, 3000)),
            ...$fields,
        ]);
    }

    /** @return list<string> of what is in the log */
    private function ids(): array
    {
        return array_map(static fn (BatchEvent $event): string => $event->id, $this->log);
    }
}
