<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Photo;
use Database\Seeders\DemoKitchen;
use Illuminate\Testing\TestResponse;
use StoneMill\Tests\Said;
use Tests\Contract;
use Tests\TestCase;

/** The record: found again, judged again, with photos; what was begun by mistake or is used up put away, and taken out again. */
final class RecordTest extends TestCase
{
    private const VERDICT = ['pliability' => 'wraps', 'puff' => 'full', 'shade_first' => 0.5, 'shade_second' => 0.4, 'cracks' => 'none', 'sticking' => 'none', 'pieces_good' => 14, 'pieces_second' => 0, 'pieces_lost' => 0, 'notes' => 'Kinder edges'];

    public function test_a_batch_is_found_again_by_bread_bag_griddle_cook_day_verdict_and_words(): void
    {
        $cook = $this->cook();
        $bread = DemoKitchen::uuid('bread pressed-masa');
        $all = $this->found('');
        self::assertCount(6, array_filter($all, static fn (array $batch): bool => Said::at($batch, 'bread.id')->value === $bread && $batch['finished_at'] !== null));
        self::assertCount(7, $this->found("bread=$bread"));
        self::assertCount(6, $this->found("bread=$bread&done=yes"));
        self::assertCount(7, $this->found('bag='.DemoKitchen::uuid('bag Masa, striped paper bag')));
        self::assertCount(count($all), $this->found('griddle='.DemoKitchen::uuid('gear Black iron plate')));
        self::assertCount(20, $this->found("cook=$cook->id"), 'the second cook made four, the first also those of two trials');
        self::assertCount(0, $this->found('cook=4711'));
        self::assertSame(['The one to repeat.'], array_map(static fn (array $batch): mixed => Said::at($batch, 'verdict.notes')->value, $this->found('words=repeat%20one')));
        self::assertCount(0, $this->found('words=100%25'), 'a percent sign is a percent sign');
        self::assertSame($this->found('words=repeat%20one'), $this->found('words=%20%20repeat%20one%20'), 'blanks around words are not looked for');
        self::assertSame($this->found(''), $this->found('words=&from=%20&verdict='), 'who says nothing finds all');
        foreach ($this->found('verdict=not_good') as $batch) {
            self::assertFalse($batch['is_good']);
        }
        self::assertCount(count($all), [...$this->found('verdict=good'), ...$this->found('verdict=not_good'), ...$this->found('verdict=none')]);
        $day = substr(Said::at($all, (count($all) - 1).'.started_at')->text(), 0, 10);
        self::assertCount(1, $this->found("from=$day&until=$day"));
        $this->getJson('/api/v1/batches?verdict=superb')->assertUnprocessable()->assertJsonPath('errors.0.path', 'verdict');
        $this->getJson('/api/v1/batches?bag=nonsense')->assertUnprocessable()->assertJsonPath('errors.0.path', 'bag');
        $this->otherCook();
        self::assertCount(0, $this->found("bread=$bread"));
    }

    public function test_a_search_is_paged_and_misses_none(): void
    {
        $this->cook();
        $whole = array_column($this->found('done=yes'), 'id');
        $pieces = [];
        $after = null;
        do {
            $page = $this->getJson('/api/v1/batches?done=yes&limit=5'.($after === null ? '' : "&after=$after"))->assertOk();
            array_push($pieces, ...array_column(Said::at($page->json(), 'batches')->all(), 'id'));
            $after = $page->json('next');
        } while (is_string($after));
        self::assertSame($whole, $pieces);
    }

    public function test_a_verdict_is_corrected_and_what_was_said_before_stays(): void
    {
        $this->cook();
        $batch = $this->pouredBatch();
        $id = (string) $batch['id'];
        $first = $this->putJson("/api/v1/batches/$id/verdict", ['version' => 1, 'verdict' => self::VERDICT])->assertOk();
        $this->putJson("/api/v1/batches/$id/verdict", ['version' => $first->json('version'), 'verdict' => [...self::VERDICT, 'cracks' => 'much', 'notes' => 'Cracked the next day']])->assertOk()->assertJsonPath('is_good', false);
        $whole = $this->getJson("/api/v1/batches/$id")->assertOk();
        self::assertSame(['none', 'much'], array_map(static fn (mixed $said): mixed => Said::at($said, 'verdict.cracks')->value, Said::at($whole->json(), 'verdicts')->all()));
        self::assertCount(1, $this->found('words=cracked%20next'));
        self::assertCount(0, $this->found('words=kinder'));
    }

    public function test_a_batch_begun_by_mistake_goes_out_of_sight_and_comes_back(): void
    {
        $this->cook();
        $id = (string) $this->startBatch()['id'];
        $count = count($this->found(''));
        $this->putJson("/api/v1/batches/$id/discarded", ['discarded' => true])->assertOk()->assertJsonPath('discarded', true);
        self::assertCount($count - 1, $this->found(''));
        self::assertSame([$id], array_column($this->found('discarded=yes'), 'id'));
        $this->putJson("/api/v1/batches/$id/discarded", ['discarded' => false])->assertOk();
        self::assertCount($count, $this->found(''));
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('laid', ['piece' => 1, 'place' => 1])]])->assertOk();
        $this->putJson("/api/v1/batches/$id/discarded", ['discarded' => true])->assertUnprocessable()->assertJsonPath('errors.0.path', 'discarded');
    }

    public function test_breads_bags_and_tools_are_put_away_and_taken_out_and_what_was_made_with_them_stays(): void
    {
        $this->cook();
        $bag = DemoKitchen::uuid('bag Masa, striped paper bag');
        self::assertSame($bag, Said::at($this->startBatch(), 'plan.ledger.0.lot')->value);
        $made = count($this->found("bag=$bag"));
        $this->putJson("/api/v1/lots/$bag/archived", ['archived' => true])->assertOk();
        self::assertNotSame($bag, Said::at($this->startBatch(), 'plan.ledger.0.lot')->value, 'a bag that is put away is not weighed from');
        self::assertCount($made, $this->found("bag=$bag"));
        $this->putJson("/api/v1/lots/$bag/archived", ['archived' => false])->assertOk();
        self::assertSame($bag, Said::at($this->startBatch(), 'plan.ledger.0.lot')->value);
        $griddle = DemoKitchen::uuid('gear Black iron plate');
        $this->putJson("/api/v1/gear/$griddle/archived", ['archived' => true])->assertOk();
        self::assertNotSame($griddle, Said::at($this->startBatch(), 'plan.griddle.tool.id')->value);
        $bread = DemoKitchen::uuid('bread rice-round');
        $kitchen = $this->putJson("/api/v1/breads/$bread/archived", ['archived' => true])->assertOk();
        self::assertTrue(array_column(Said::at($kitchen->json(), 'breads')->all(), 'archived', 'id')[$bread]);
        $this->otherCook();
        $this->putJson("/api/v1/lots/$bag/archived", ['archived' => true])->assertNotFound();
    }

    public function test_a_photo_is_kept_shrunk_read_and_deleted(): void
    {
        $cook = $this->cook();
        $id = (string) $this->startBatch()['id'];
        $photo = self::uuid();
        $kept = $this->photo("/api/v1/batches/$id/photos/$photo", self::picture())->assertOk();
        Contract::assertComponent('Photo', (string) $kept->getContent());
        self::assertSame([1600, 1200], [$kept->json('width'), $kept->json('height')]);
        $this->photo("/api/v1/batches/$id/photos/$photo", self::picture())->assertOk();
        self::assertSame(1, Photo::query()->count(), 'sent twice it is kept once');
        $bytes = (string) $this->get("/api/v1/batches/$id/photos/$photo")->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent();
        self::assertSame([1600, 1200], array_slice((array) getimagesizefromstring($bytes), 0, 2));
        // The right half is half as bright as the paper, whose white throws back 0.89: L* = 116 · 0.445^(1/3) − 16 = 72.6, which is b = ln(85 / 72.6) = 0.158 and a shade of 1 − 2^(−0.158 / 0.268) = 0.335.
        $read = $this->postJson("/api/v1/batches/$id/photos/$photo/shade", ['white' => ['x' => 0.25, 'y' => 0.5], 'bread' => ['x' => 0.75, 'y' => 0.5]])->assertOk();
        self::assertEqualsWithDelta(0.335, $read->json('shade'), 0.02);
        self::assertLessThan($read->json('shade'), $read->json('low'));
        $this->postJson("/api/v1/batches/$id/photos/$photo/shade", ['white' => ['x' => 1.5, 'y' => 0.5], 'bread' => ['x' => 0.75, 'y' => 0.5]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'white.x');
        $this->otherCook();
        $this->get("/api/v1/batches/$id/photos/$photo")->assertNotFound();
        $this->actingAs($cook);
        $this->deleteJson("/api/v1/batches/$id/photos/$photo")->assertNoContent();
        self::assertSame(0, Photo::query()->count());
    }

    public function test_what_is_no_photo_and_the_seventh_are_refused_by_name(): void
    {
        $this->cook();
        $id = (string) $this->startBatch()['id'];
        foreach (['', 'GIF89a and no more', str_repeat('x', 2000)] as $nonsense) {
            $this->photo("/api/v1/batches/$id/photos/".self::uuid(), $nonsense)->assertUnprocessable()->assertJsonPath('errors.0.path', 'photo');
        }
        for ($photo = 0; $photo < 6; $photo++) {
            $this->photo("/api/v1/batches/$id/photos/".self::uuid(), self::picture(40))->assertOk();
        }
        $this->photo("/api/v1/batches/$id/photos/".self::uuid(), self::picture(40))->assertUnprocessable()->assertJsonPath('errors.0.limit', 'at most 6 a batch');
        self::assertSame(6, Photo::query()->where('batch_id', Batch::query()->where('uuid', $id)->value('id'))->count());
    }

    /** @return list<array<string, mixed>> */
    private function found(string $address): array
    {
        return self::document($this->getJson("/api/v1/batches?limit=200&$address")->assertOk())['batches']->rows();
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function photo(string $address, string $bytes): TestResponse
    {
        return $this->call('PUT', $address, server: ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'], content: $bytes);
    }

    /**
     * A photo of which the left half is paper white and the right half half as bright, as light and not as a number of the file.
     *
     * @param int<40, 4000> $width
     */
    private static function picture(int $width = 2000): string
    {
        $image = imagecreatetruecolor($width, max(1, intdiv(3 * $width, 4))) ?: self::fail('No picture was made.');
        imagefilledrectangle($image, 0, 0, $width, $width, (int) imagecolorallocate($image, 255, 255, 255));
        imagefilledrectangle($image, intdiv($width, 2), 0, $width, $width, (int) imagecolorallocate($image, 188, 188, 188));
        ob_start();
        imagejpeg($image, null, 92);

        return (string) ob_get_clean();
    }
}
