<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\User;
use Database\Seeders\DemoKitchen;
use DateTimeZone;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Tests\Said;
use Tests\Contract;
use Tests\TestCase;

/** What an unlucky or unkind day brings: it is answered in words, and nothing is lost. What takes many processes is in bench/reliability. */
final class StandFirmTest extends TestCase
{
    public function test_what_waits_its_turn_in_vain_is_told_to_ask_again(): void
    {
        $locked = new PDOException('SQLSTATE[HY000]: General error: 5 database is locked');
        $locked->errorInfo = ['HY000', 5, 'database is locked'];
        Route::get('api/v1/locked', static fn () => throw new QueryException('sqlite', 'UPDATE', [], $locked));
        $this->getJson('/api/v1/locked')->assertStatus(503)->assertHeader('Retry-After', '1')->assertHeader('Content-Type', 'application/problem+json');
    }

    public function test_transactions_begin_with_the_write_lock(): void
    {
        $folder = sys_get_temp_dir().'/mill-lock-'.bin2hex(random_bytes(4));
        mkdir($folder);
        touch($folder.'/kitchen.sqlite');
        config(['database.connections.second' => [...config()->array('database.connections.sqlite'), 'database' => $folder.'/kitchen.sqlite']]);
        config(['database.connections.third' => [...config()->array('database.connections.second'), 'busy_timeout' => 1]]);
        DB::connection('second')->unprepared('CREATE TABLE rows (number INTEGER)');
        DB::connection('second')->beginTransaction();
        try {
            DB::connection('third')->transaction(static fn () => null);
            self::fail('Two wrote at once.');
        } catch (PDOException $busy) {
            self::assertStringContainsString('locked', $busy->getMessage());
        } finally {
            DB::connection('second')->rollBack();
            DB::purge('second');
            DB::purge('third');
        }
        array_map(unlink(...), glob($folder.'/*') ?: []);
        rmdir($folder);
    }

    public function test_a_list_comes_in_pages_that_reach_every_batch_those_under_way_first(): void
    {
        $this->cook();
        foreach (range(1, 3) as $ignored) {
            $this->startBatch();
        }
        $seen = [];
        $next = null;
        do {
            $page = self::document($this->getJson('/api/v1/batches?limit=4'.($next === null ? '' : "&after=$next"))->assertOk());
            $seen = [...$seen, ...$page['batches']];
            $next = $page['next']->value;
        } while (is_string($next));
        self::assertCount(Batch::query()->count(), $seen);
        $ids = array_map(static fn (Said $batch): string => $batch['id']->text(), $seen);
        self::assertSame(array_values(array_unique($ids)), $ids);
        $done = array_map(static fn (Said $batch): bool => $batch['finished_at']->value !== null, $seen);
        self::assertSame([false, false, false, false], array_slice($done, 0, 4));
        self::assertNotContains(false, array_slice($done, 4));
        $this->getJson('/api/v1/batches?after=nonsense')->assertUnprocessable()->assertJsonPath('errors.0.path', 'after');
        $this->getJson('/api/v1/batches?limit=0')->assertUnprocessable()->assertJsonPath('errors.0.path', 'limit');
    }

    public function test_what_stands_beside_a_batch_is_what_its_log_says_and_can_be_worked_out_again(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        $pour = self::event('poured', ['grams' => 300]);
        $this->postJson("/api/v1/batches/$id/events", ['events' => [$pour, self::event('felt', ['grade' => 'tacky']), self::event('entered', ['stage' => 'mix'])]])->assertOk();
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('undone', ['event' => $pour['id']]), self::event('noted', ['text' => 'again'])]])->assertOk()->assertJsonPath('event_count', 5);
        $before = Batch::query()->orderBy('id')->get(['id', 'tally', 'summary', 'event_count', 'shape'])->toArray();
        DB::table('batches')->update(['tally' => null, 'summary' => null, 'event_count' => 0, 'shape' => null]);
        $this->getJson("/api/v1/batches/$id")->assertOk()->assertJsonPath('state.bowl.water_grams', 0);
        self::assertSame(0, Artisan::call('mill:rebuild'));
        self::assertEquals($before, Batch::query()->orderBy('id')->get(['id', 'tally', 'summary', 'event_count', 'shape'])->toArray());
    }

    public function test_an_answer_to_an_entry_carries_what_changed_and_not_the_plan(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        $answer = $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('poured', ['grams' => 300])]])->assertOk();
        Contract::assertComponent('BatchChange', (string) $answer->getContent());
        self::assertArrayNotHasKey('plan', (array) $answer->json());
        $seen = sprintf('%d-%d', self::document($answer)['version']->whole(), self::document($answer)['event_count']->whole());
        $this->getJson("/api/v1/batches/$id/news?seen=$seen")->assertNoContent();
        Contract::assertComponent('BatchChange', (string) $this->getJson("/api/v1/batches/$id/news?seen=1-0")->assertOk()->getContent());
        Contract::assertComponent('Batch', (string) $this->getJson("/api/v1/batches/$id/news?seen=0-0")->assertOk()->getContent());
    }

    public function test_a_change_sent_again_after_a_lost_answer_is_made_once(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $id = $batch['id']->text();
        $change = ['version' => 1, 'request' => [...$batch['request']->fields(), 'hands' => 2], 'id' => self::uuid()];
        $this->patchJson("/api/v1/batches/$id", $change)->assertOk()->assertJsonPath('version', 2);
        $this->patchJson("/api/v1/batches/$id", $change)->assertOk()->assertJsonPath('version', 2);
        $this->patchJson("/api/v1/batches/$id", [...$change, 'id' => self::uuid()])->assertConflict();
        $this->postJson("/api/v1/batches/$id/events", ['events' => [self::event('poured', ['grams' => 300])]])->assertOk();
        $verdict = ['pliability' => 'wraps', 'puff' => 'full', 'shade_first' => 0.5, 'shade_second' => 0.4, 'cracks' => 'none', 'sticking' => 'none', 'pieces_good' => 3, 'pieces_second' => 0, 'pieces_lost' => 0, 'notes' => null];
        $judged = ['version' => 2, 'verdict' => $verdict, 'id' => self::uuid()];
        $this->putJson("/api/v1/batches/$id/verdict", $judged)->assertOk()->assertJsonPath('version', 3);
        $this->putJson("/api/v1/batches/$id/verdict", $judged)->assertOk()->assertJsonPath('version', 3);
    }

    public function test_a_number_without_end_is_refused_before_it_can_be_told_back(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        $body = '{"version": 9, "verdict": {"pliability": "wraps", "puff": "full", "shade_first": 1e999, "shade_second": 0.4, "cracks": "none", "sticking": "none", "pieces_good": 1, "pieces_second": 0, "pieces_lost": 0}}';
        $this->call('PUT', "/api/v1/batches/$id/verdict", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body)
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'verdict.shade_first');
    }

    public function test_a_moment_is_kept_whatever_clock_it_was_told_by(): void
    {
        $this->cook();
        $start = ['id' => self::uuid(), 'bread' => DemoKitchen::uuid('bread rice-round'), 'at' => '2026-03-02T12:30:00+05:00'];
        $this->postJson('/api/v1/batches', $start)->assertCreated()->assertJsonPath('started_at', '2026-03-02T07:30:00.000Z');
    }

    public function test_a_sheet_is_by_the_clock_of_whoever_takes_it_along_though_clocks_are_put_forward_meanwhile(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        $batch = Batch::query()->where('uuid', $id)->firstOrFail();
        // A zone whose clocks jump from 2 to 3 on 8 March 2026 at 07:00 UTC; the batch begins before and ends after.
        $zone = 'EST5EDT';
        self::assertContains($zone, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC));
        $batch->update(['started_at' => new \DateTimeImmutable('2026-03-08T06:50:00Z')]);
        $text = (string) $this->get("/batches/$id/run-sheet.txt?offset_minutes=-300&zone=$zone")->assertOk()->getContent();
        self::assertMatchesRegularExpression('/^01:5\d  /m', $text);
        self::assertMatchesRegularExpression('/^03:\d\d  Serve/m', $text);
        $this->getJson("/batches/$id/run-sheet.txt?zone=Nowhere/Atall")->assertUnprocessable()->assertJsonPath('errors.0.path', 'zone');
    }

    public function test_passwords_count_to_their_last_letter_and_old_hashes_are_renewed(): void
    {
        $this->seed(DemoKitchen::class);
        $long = str_repeat('a', 72);
        $cook = User::query()->firstOrFail();
        $cook->update(['password' => $long.'this']);
        $this->postJson('/api/v1/session', ['name' => 'cook', 'password' => $long.'that'])->assertUnauthorized();
        $this->postJson('/api/v1/session', ['name' => 'cook', 'password' => $long.'this'])->assertOk();
        DB::table('users')->where('id', $cook->id)->update(['password' => password_hash('of an earlier kind', PASSWORD_BCRYPT, ['cost' => 4])]);
        $this->postJson('/api/v1/session', ['name' => 'cook', 'password' => 'of an earlier kind'])->assertOk();
        $renewed = (new Said(DB::table('users')->where('id', $cook->id)->value('password')))->text();
        self::assertSame('argon2id', Hash::info($renewed)['algoName']);
    }

    public function test_a_cook_on_a_known_device_is_not_locked_out_by_a_stranger(): void
    {
        $this->seed(DemoKitchen::class);
        $right = ['name' => 'cook', 'password' => 'masa-and-water'];
        $device = $this->postJson('/api/v1/session', $right)->assertOk()->getCookie('stone_mill_device');
        self::assertNotNull($device);
        $this->deleteJson('/api/v1/session');
        for ($try = 0; $try < 6; $try++) {
            $this->postJson('/api/v1/session', ['name' => 'cook', 'password' => "guess $try"]);
        }
        $this->postJson('/api/v1/session', $right)->assertStatus(429);
        $this->withCredentials()->withCookie('stone_mill_device', (string) $device->getValue())->postJson('/api/v1/session', $right)->assertOk();
    }

    public function test_the_cookie_of_a_session_is_for_this_page_only_and_nobody_s_is_kept(): void
    {
        config(['session.driver' => 'kitchen']);
        $this->seed(DemoKitchen::class);
        foreach (range(1, 5) as $ignored) {
            $this->getJson('/api/v1/session')->assertOk();
        }
        self::assertSame(0, DB::table('sessions')->count());
        $cookie = $this->postJson('/api/v1/session', ['name' => 'cook', 'password' => 'masa-and-water'])->assertOk()->getCookie('stone_mill', false);
        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('strict', $cookie->getSameSite());
        self::assertSame(1, DB::table('sessions')->count());
        self::assertStringNotContainsString((string) $cookie->getValue(), (new Said(DB::table('sessions')->value('id')))->text());
    }

    /** @return iterable<string, array{string, int}> */
    public static function addresses(): iterable
    {
        yield 'whether it is up' => ['/up', 200];
        yield 'a place' => ['/breads', 200];
        yield 'a bread' => ['/breads/some-bread', 200];
        yield 'nowhere' => ['/nowhere', 404];
        yield 'a file that is not built' => ['/build/assets/none.js', 404];
        yield 'no question' => ['/api/v1/nothing', 404];
    }

    #[DataProvider('addresses')]
    public function test_an_address_that_leads_nowhere_says_so(string $address, int $status): void
    {
        $answer = $this->get($address)->assertStatus($status);
        self::assertMatchesRegularExpression('~^(text/html; charset=utf-8|application/(problem\+)?json)$~i', (string) $answer->headers->get('Content-Type'));
        $answer->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('Referrer-Policy', 'no-referrer');
    }

    public function test_a_name_from_before_names_were_one_line_writes_no_lines_of_its_own(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        DB::table('formulas')->update(['name' => "Rounds\r\nBEGIN:VEVENT\nSUMMARY:forged\0\e[2J"]);
        foreach (["/batches/$id/run-sheet.txt", "/batches/$id/timeline.ics"] as $address) {
            $text = (string) $this->get($address)->assertOk()->getContent();
            self::assertDoesNotMatchRegularExpression('/[\x00\x1b]|^SUMMARY:forged/m', $text);
        }
    }

    public function test_every_answer_tells_the_time_of_the_house(): void
    {
        $before = 1000 * microtime(true);
        $told = (float) $this->getJson('/api/v1/session')->headers->get('House-Time');
        self::assertGreaterThanOrEqual(floor($before), $told);
        self::assertLessThan($before + 10_000, $told);
    }
}
