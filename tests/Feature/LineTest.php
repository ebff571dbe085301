<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use StoneMill\Plan\Reference;
use StoneMill\Tests\Said;
use Tests\Contract;
use Tests\ReadsCalendars;
use Tests\TestCase;

/** One batch by two cooks, several batches on one day, and the batch taken along. */
final class LineTest extends TestCase
{
    use ReadsCalendars;

    public function test_a_second_tablet_hears_of_what_the_first_did_and_of_nothing_else(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $id = $batch['id']->text();
        $seen = sprintf('%d-%d', $batch['version']->whole(), $batch['event_count']->whole());
        $this->getJson("/api/v1/batches/$id/news?seen=$seen")->assertNoContent();
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('laid', ['piece' => 1, 'place' => 1])]])->assertOk();
        $news = $this->getJson("/api/v1/batches/$id/news?seen=$seen")->assertOk()->assertJsonPath('event_count', 1);
        $this->getJson(sprintf('/api/v1/batches/%s/news?seen=%d-1', $id, self::document($news)['version']->whole()))->assertNoContent();
        $this->getJson("/api/v1/batches/$id/news")->assertOk();
        $this->otherCook();
        $this->getJson("/api/v1/batches/$id/news?seen=$seen")->assertNotFound();
    }

    public function test_a_turn_that_two_cooks_enter_is_in_the_log_once(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        $turned = static fn (): array => self::event('turned', ['piece' => 1, 'touch' => 1], '2026-03-02T09:10:20.000Z');
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('laid', ['piece' => 1, 'place' => 1]), $turned()]])->assertOk();
        $this->postJson("/api/v1/batches/$id/events", ['events' => [$turned()]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'events[0].touch');
        $this->getJson("/api/v1/batches/$id")->assertJsonPath('event_count', 2)->assertJsonPath('events.1.touch', 1)->assertJsonPath('state.griddle.pieces.0.touches', 1);
    }

    public function test_two_batches_of_one_morning_clash_and_moving_the_one_that_is_not_begun_mends_it(): void
    {
        $this->travelTo('2026-03-02T08:00:00Z');
        $this->cook();
        $this->finishDemoBatches();
        foreach ([$this->startBatch(), $this->startBatch('rice-round')] as $batch) {
            $this->serve($batch, '2026-03-02T12:00:00+01:00');
        }
        $day = $this->getJson('/api/v1/day?hands=1&offset_minutes=60')->assertOk();
        Contract::assertHolds('openapi.json#/components/schemas/KitchenDay', (string) $day->getContent());
        self::assertContains('hands', array_column(Said::at($day->json(), 'clashes')->all(), 'kind'));
        $move = Said::at($day->json(), 'clashes.0.moves.0');
        $this->serve(self::document($this->getJson("/api/v1/batches/{$move['batch']}")), $move['ready_at']->text());
        $after = $this->getJson('/api/v1/day?hands=1&offset_minutes=60')->assertOk();
        self::assertSame([], $after->json('clashes'));
        $this->getJson('/api/v1/day?hands=9')->assertUnprocessable()->assertJsonPath('errors.0.path', 'hands');
        $this->getJson('/api/v1/day?offset_minutes=2000')->assertUnprocessable()->assertJsonPath('errors.0.path', 'offset_minutes');
    }

    public function test_the_calendar_is_read_by_another_program_as_it_was_meant(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $this->serve($batch, '2026-03-02T12:30:00+01:00');
        $response = $this->get('/batches/'.$batch['id'].'/timeline.ics')->assertOk();
        self::assertSame('text/calendar; charset=utf-8', $response->headers->get('Content-Type'));
        $file = (string) $response->getContent();
        self::assertSame($file, (string) $this->get('/batches/'.$batch['id'].'/timeline.ics')->getContent(), 'the same plan gives the same bytes');
        self::assertStringNotContainsString("DESCRIPTION:Keep\r\n", $file);
        self::assertStringContainsString("DESCRIPTION:Keep\r\n", (string) $this->get('/batches/'.$batch['id'].'/timeline.ics?keep=yes')->getContent());
        $events = self::readByAnotherProgram($file);
        self::assertGreaterThan(6, count($events));
        self::assertSame(count($events), count(array_unique(array_column($events, 'uid'))));
        $last = $events[count($events) - 1];
        self::assertSame(['2026-03-02T11:30:00+00:00', 'Serve'], [$last['start'], substr($last['summary'], -5)]);
        foreach ($events as $event) {
            self::assertGreaterThan($event['start'], $event['end']);
            self::assertSame(1, $event['alarms']);
        }
    }

    public function test_the_run_sheet_is_one_page_and_its_text_has_the_clock_of_whoever_asks(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        foreach (['a4', 'letter'] as $paper) {
            $pdf = (string) $this->get("/batches/$id/run-sheet.pdf?paper=$paper")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
            self::assertSame(1, preg_match_all('~/Type\s*/Page\b~', $pdf));
        }
        $text = (string) $this->get("/batches/$id/run-sheet.txt?offset_minutes=330")->assertOk()->getContent();
        self::assertMatchesRegularExpression('/^14:30  Weigh/m', $text, 'begun at 9:00 UTC');
        self::assertStringContainsString('Serve', $text);
        // 263 g of dry things and 52 °C in the units of a cook who weighs in ounces.
        $us = (string) $this->get("/batches/$id/run-sheet.txt?mass=oz&temperature=F&length=in")->assertOk()->getContent();
        self::assertDoesNotMatchRegularExpression('/\d (°C|g|mm)\b/u', $us);
        self::assertMatchesRegularExpression('/Pour \d+\.\d+ oz of water at 126 °F/u', $us);
        self::assertStringContainsString(' oz', (string) $this->get("/batches/$id/timeline.ics?mass=oz")->assertOk()->getContent());
        // For whom it is not stands at the top, and where it is served.
        self::assertSame(2, substr_count($us, 'All lines from certified lots. None of the allergens we list.'));
        $calendar = (string) $this->get("/batches/$id/timeline.ics")->assertOk()->getContent();
        self::assertStringContainsString('All lines from certified lots', (string) preg_replace('/\r\n /', '', $calendar));
        foreach (explode('BEGIN:VEVENT', $calendar) as $event) {
            if (preg_match('/DTSTART:(\S+)\s+DTEND:(\S+)/', $event, $times) === 1) {
                self::assertGreaterThan($times[1], $times[2], 'an end is later than its start');
            }
        }
        $this->getJson("/batches/$id/run-sheet.txt?mass=stone")->assertUnprocessable()->assertJsonPath('errors.0.path', 'mass');
        $this->getJson("/batches/$id/run-sheet.pdf?paper=folio")->assertUnprocessable()->assertJsonPath('errors.0.path', 'paper');
        $this->otherCook();
        $this->get("/batches/$id/run-sheet.txt")->assertNotFound();
        $this->get("/batches/$id/timeline.ics")->assertNotFound();
    }

    public function test_the_run_sheet_of_every_shipped_bread_is_one_page_on_the_shorter_paper_too(): void
    {
        $this->cook();
        foreach (Reference::shipped()->styles->all() as $style) {
            [$bread, $batch] = [self::uuid(), self::uuid()];
            $this->postJson('/api/v1/breads', ['id' => $bread, 'name' => $style->name, 'request' => ['style' => $style->id]])->assertSuccessful();
            $this->postJson('/api/v1/batches', ['id' => $batch, 'bread' => $bread, 'at' => '2026-03-02T09:00:00Z'])->assertCreated();
            $pdf = (string) $this->get("/batches/$batch/run-sheet.pdf?paper=letter")->assertOk()->getContent();
            self::assertSame(1, preg_match_all('~/Type\s*/Page\b~', $pdf), $style->id);
        }
    }

    public function test_hands_that_the_log_knows_make_the_next_plan(): void
    {
        $this->cook();
        Batch::query()->delete();
        $id = $this->startBatch()['id']->text();
        $events = [self::event('scale_set', ['grams' => 560, 'pieces' => 14], '2026-03-02T09:10:00.000Z')];
        for ($piece = 1; $piece <= 10; $piece++) {
            $events[] = self::event('portioned', ['grams' => 560 - 40 * $piece], sprintf('2026-03-02T09:%02d:%02d.000Z', 10 + intdiv(15 * $piece, 60), 15 * $piece % 60));
        }
        $this->postJson("/api/v1/batches/$id/events", ['events' => $events])->assertOk();
        $next = $this->startBatch();
        self::assertEquals(15, Said::at($next, 'request.learned.portion.value')->value);
        self::assertEquals(15, Said::at($next, 'plan.line.pace.portion')->value);
    }

    private function serve(Said $batch, string $at): void
    {
        $this->patchJson('/api/v1/batches/'.$batch['id'], ['version' => $batch['version'], 'request' => [...$batch['request'], 'serve_at' => $at]])->assertOk();
    }

    private function finishDemoBatches(): void
    {
        Batch::query()->whereNull('finished_at')->update(['finished_at' => '2026-03-01 09:00:00']);
    }
}
