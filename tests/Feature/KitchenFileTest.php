<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kitchens\BringIn;
use App\Kitchens\Choice;
use App\Kitchens\Differing;
use App\Kitchens\KitchenFile;
use App\Kitchens\Part;
use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Membership;
use App\Models\User;
use Database\Seeders\DemoKitchen;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\Reference;
use StoneMill\Tests\Said;
use Symfony\Component\Process\Process;
use Tests\Contract;
use Tests\TestCase;
use ZipArchive;

/** A kitchen moves from one house to another, and back, with not a byte lost. */
final class KitchenFileTest extends TestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/mill-test-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob($this->folder.'/*') ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    public function test_a_kitchen_read_into_an_empty_house_and_written_again_is_the_same_to_the_byte(): void
    {
        $cook = $this->cook();
        $this->withPhoto();
        $this->withPast();
        $cook->kitchen->update(['set_aside' => ["feel:$cook->id", "thickness:$cook->id lever_press", 'colour:pressed-masa']]);
        $first = $this->written($cook->kitchen);
        $shown = $this->shown();
        $this->emptyHouse();
        BringIn::from(KitchenFile::open($first), null, Differing::Keep, false, app(Reference::class));
        $there = Kitchen::query()->firstOrFail();
        self::assertSame(hash_file('sha256', $first), hash_file('sha256', $this->written($there, 'second')));
        // What is worked out anew is worked out alike: lists, lessons, bags and what a cook reads.
        $this->actingAs(User::query()->where('name', 'cook')->firstOrFail());
        self::assertEquals($shown, $this->shown());
    }

    public function test_a_kitchen_that_comes_back_to_itself_brings_nothing_new(): void
    {
        $cook = $this->cook();
        $file = $this->written($cook->kitchen);
        foreach ($this->broughtIn($file, $cook->kitchen)['parts'] as $part => $counts) {
            self::assertSame([0, 0, 0], [$counts['new'], $counts['kept'], $counts['taken']], $part);
        }
        self::assertSame(hash_file('sha256', $file), hash_file('sha256', $this->written($cook->kitchen, 'again')));
    }

    public function test_of_what_is_not_alike_the_cook_says_which_stays(): void
    {
        $cook = $this->cook();
        $file = $this->written($cook->kitchen);
        DB::table('lots')->limit(1)->orderBy('uuid')->update(['notes' => 'written since']);
        DB::table('formulas')->where('style', 'pressed-masa')->update(['name' => 'Renamed since']);
        $kept = $this->broughtIn($file, $cook->kitchen)['parts'];
        self::assertSame([1, 1], [$kept['bags']['kept'], $kept['breads']['kept']]);
        self::assertSame(1, DB::table('formulas')->where('name', 'Renamed since')->count());
        $taken = $this->broughtIn($file, $cook->kitchen, Differing::Take)['parts'];
        self::assertSame([1, 1], [$taken['bags']['taken'], $taken['breads']['taken']]);
        self::assertSame(0, DB::table('formulas')->where('name', 'Renamed since')->count());
        self::assertSame(hash_file('sha256', $file), hash_file('sha256', $this->written($cook->kitchen, 'again')));
    }

    public function test_a_look_says_what_would_come_and_changes_nothing(): void
    {
        $cook = $this->cook();
        $file = $this->written($cook->kitchen);
        $this->emptyHouse();
        $kitchen = Kitchen::factory()->create();
        $report = BringIn::from(KitchenFile::open($file), $kitchen, Differing::Take, true, app(Reference::class))->toArray();
        self::assertGreaterThan(10, $report['parts']['events']['new']);
        self::assertSame([0, 0, 0], [DB::table('batches')->count(), DB::table('lots')->count(), DB::table('users')->count()]);
    }

    public function test_a_log_that_went_on_there_is_taken_and_one_that_went_on_here_is_kept(): void
    {
        $cook = $this->cook();
        $batch = $this->startBatch('pressed-masa');
        $before = $this->written($cook->kitchen, 'before');
        $note = ['id' => self::uuid(), 'kind' => 'noted', 'at' => '2026-03-02T09:50:00Z', 'text' => 'later'];
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [$note]])->assertOk();
        $after = $this->written($cook->kitchen, 'after');
        // Here it went on: the older file takes nothing of it away.
        $this->broughtIn($before, $cook->kitchen, Differing::Take);
        self::assertSame(1, DB::table('batch_events')->where('text', 'later')->count());
        $this->emptyHouse();
        BringIn::from(KitchenFile::open($before), null, Differing::Keep, false, app(Reference::class));
        $there = Kitchen::query()->firstOrFail();
        $this->broughtIn($after, $there, Differing::Take);
        self::assertSame(1, DB::table('batch_events')->where('text', 'later')->count());
        self::assertSame(hash_file('sha256', $after), hash_file('sha256', $this->written($there, 'again')));
    }

    public function test_one_batch_goes_alone_with_its_bread_and_its_log(): void
    {
        $cook = $this->cook();
        $uuid = new Said(DB::table('batches')->whereNotNull('finished_at')->whereNull('trial_id')->orderBy('uuid')->value('uuid'));
        $file = $this->folder.'/one.zip';
        file_put_contents($file, $this->get("/exports/batches/$uuid.zip")->assertOk()->assertDownload('stone-mill-batch.zip')->streamedContent());
        self::assertSame(1, iterator_count(KitchenFile::open($file)->rows(Part::Batches)));
        $this->emptyHouse();
        $kitchen = Kitchen::factory()->create();
        User::factory()->for($kitchen)->create(['name' => $cook->name]);
        User::query()->where('name', 'second')->exists() || User::factory()->for($kitchen)->create(['name' => 'second']);
        $this->broughtIn($file, $kitchen);
        self::assertSame([1, 1, 0], [DB::table('batches')->count(), DB::table('formulas')->count(), DB::table('lots')->count()]);
        self::assertNotNull(DB::table('batches')->value('summary'));
    }

    public function test_what_was_set_aside_of_a_hand_goes_along_however_its_cook_is_written(): void
    {
        $kitchen = $this->cook()->kitchen;
        $cook = User::factory()->for($kitchen)->with(KitchenRole::Cook)->create(['name' => str_repeat('粉', 80)]);
        $kitchen->update(['set_aside' => ["feel:{$cook->id}"]]);
        self::assertSame(['feel:'.rawurlencode($cook->name)], KitchenFile::open($this->written($kitchen))->manifest->setAside);
    }

    /** @return iterable<string, array{callable(string): mixed, string}> */
    public static function unusable(): iterable
    {
        yield 'no zip at all' => [static fn (string $file) => file_put_contents($file, 'words'), 'damaged'];
        yield 'another zip' => [static fn (string $file) => self::changed($file, static fn (ZipArchive $zip) => $zip->deleteName('kitchen.json')), 'no kitchen file'];
        yield 'a newer one' => [static fn (string $file) => self::changed($file, static fn (ZipArchive $zip) => $zip->addFromString('kitchen.json', str_replace('"version": 1', '"version": 9', (string) $zip->getFromName('kitchen.json')))), 'newer'];
        yield 'one that names no kitchen' => [static fn (string $file) => self::changed($file, static fn (ZipArchive $zip) => $zip->addFromString('kitchen.json', str_replace('"name"', '"called"', (string) $zip->getFromName('kitchen.json')))), 'kitchen.'];
        yield 'one whose log lost a line' => [static fn (string $file) => self::changed($file, static fn (ZipArchive $zip) => $zip->addFromString('events.jsonl', substr((string) strstr((string) $zip->getFromName('events.jsonl'), "\n"), 1))), 'damaged'];
        yield 'one that was cut off' => [static fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, -400)), 'damaged'];
    }

    /** @param callable(string): mixed $damage */
    #[DataProvider('unusable')]
    public function test_a_file_that_is_foreign_newer_or_damaged_is_refused_and_leaves_all_as_it_was(callable $damage, string $says): void
    {
        $cook = $this->cook();
        $file = $this->written($cook->kitchen);
        $damage($file);
        $before = hash_file('sha256', $this->written($cook->kitchen, 'before'));
        try {
            KitchenFile::open($file);
            self::fail('taken');
        } catch (InvalidInput $refusal) {
            self::assertStringContainsString($says, $refusal->getMessage());
        }
        self::assertSame(2, Artisan::call('mill:import', ['file' => $file]));
        self::assertSame($before, hash_file('sha256', $this->written($cook->kitchen, 'after')));
    }

    public function test_what_another_kitchen_of_the_house_has_is_refused_whole(): void
    {
        $cook = $this->cook();
        $file = $this->written($cook->kitchen);
        $other = Kitchen::factory()->create();
        try {
            $this->broughtIn($file, $other);
            self::fail('taken');
        } catch (InvalidInput $refusal) {
            self::assertStringContainsString('Another kitchen', $refusal->getMessage());
        }
        self::assertSame(0, DB::table('lots')->where('kitchen_id', $other->id)->count());
    }

    public function test_an_owner_takes_the_whole_kitchen_along_and_a_cook_a_bread(): void
    {
        $cook = $this->cook();
        $this->get('/exports/kitchen.zip')->assertOk();
        Membership::query()->where('user_id', $cook->id)->update(['role' => 'cook']);
        $this->get('/exports/kitchen.zip')->assertForbidden();
        $this->postJson('/api/v1/imports')->assertForbidden();
        $bread = new Said(DB::table('formulas')->value('uuid'));
        $this->get("/exports/breads/$bread.zip")->assertOk();
    }

    public function test_over_http_the_report_comes_back_as_the_contract_says(): void
    {
        $cook = $this->cook();
        $bytes = (string) file_get_contents($this->written($cook->kitchen));
        $answer = $this->call('POST', '/api/v1/imports?look=yes', server: ['CONTENT_TYPE' => 'application/zip', 'HTTP_ACCEPT' => 'application/json'], content: $bytes)->assertOk();
        Contract::assertComponent('ImportReport', (string) $answer->getContent());
        $this->call('POST', '/api/v1/imports', server: ['CONTENT_TYPE' => 'application/zip', 'HTTP_ACCEPT' => 'application/json'], content: 'words')->assertUnprocessable();
    }

    public function test_a_program_of_another_make_reads_every_row_and_finds_every_sum(): void
    {
        $cook = $this->cook();
        $this->withPhoto();
        $this->withPast();
        $file = $this->written($cook->kitchen);
        $process = new Process(['/usr/bin/python3', '-c', <<<'PY'
            import hashlib, json, sys, zipfile
            pack = zipfile.ZipFile(sys.argv[1])
            assert pack.testzip() is None
            told = json.loads(pack.read('kitchen.json'))
            for part, said in told['parts'].items():
                text = pack.read(part + '.jsonl')
                assert hashlib.sha256(text).hexdigest() == said['sha256'], part
                rows = [json.loads(line) for line in text.splitlines()]
                assert len(rows) == said['rows'], part
                if part == 'photos':
                    for row in rows:
                        assert pack.read('photos/%s.jpg' % row['uuid'])[:2] == b'\xff\xd8'
            print(sum(said['rows'] for said in told['parts'].values()))
            PY, $file]);
        $process->mustRun();
        self::assertGreaterThan(200, (int) $process->getOutput());
        foreach (Part::cases() as $part) {
            foreach (KitchenFile::open($file)->rows($part) as $row) {
                self::assertSame('', Contract::errors('kitchen-file.schema.json#/$defs/'.$part->value, $row), $part->value);
            }
        }
    }

    /** A batch out of a sheet, of which little is told. */
    private function withPast(): void
    {
        $bread = DemoKitchen::uuid('bread pressed-masa');
        $this->postJson('/api/v1/batches/past', ['key' => 'A7', 'bread' => $bread, 'at' => '2026-01-07T12:00:00Z', 'flour_grams' => 300, 'water_grams' => 400, 'felt' => 'ready', 'verdict' => ['again' => true, 'score' => 8]])->assertCreated();
    }

    private function written(Kitchen $kitchen, string $name = 'first'): string
    {
        $file = "$this->folder/$name.zip";
        KitchenFile::write($kitchen->refresh(), Choice::everything(), $file);

        return $file;
    }

    /** @return array{parts: array<string, array{new: int, same: int, kept: int, taken: int}>, notes: list<string>} */
    private function broughtIn(string $file, Kitchen $kitchen, Differing $differing = Differing::Keep): array
    {
        return BringIn::from(KitchenFile::open($file), $kitchen, $differing, false, app(Reference::class))->toArray();
    }

    private function emptyHouse(): void
    {
        DB::table('batches')->delete();
        DB::table('trials')->delete();
        DB::table('formula_revisions')->delete();
        DB::table('users')->delete();
        DB::table('kitchens')->delete();
        self::assertSame(0, DB::table('batch_events')->count() + DB::table('lots')->count());
    }

    /** @return array<string, mixed> what a cook sees of it, without the numbers that only a house has */
    private function shown(): array
    {
        $kitchen = $this->getJson('/api/v1/kitchen');
        $shown = ['batches' => $this->getJson('/api/v1/batches')->json('batches'), 'trials' => $this->getJson('/api/v1/trials')->json('trials'), 'breads' => $kitchen->json('breads'), 'lots' => $kitchen->json('lots')];

        // Lists of a kitchen are in the order in which a house came to know of things.
        return array_map(static fn (mixed $list): array => collect((array) $list)->sortBy('id')->values()->all(), $shown);
    }

    private function withPhoto(): void
    {
        $image = imagecreatetruecolor(40, 30);
        ob_start();
        imagejpeg($image);
        $batch = new Said(DB::table('batches')->whereNotNull('finished_at')->orderBy('uuid')->value('uuid'));
        $this->call('PUT', "/api/v1/batches/$batch/photos/".self::uuid(), server: ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'], content: (string) ob_get_clean())->assertSuccessful();
    }

    /** @param callable(ZipArchive): mixed $change */
    private static function changed(string $file, callable $change): void
    {
        $zip = new ZipArchive;
        $zip->open($file);
        $change($zip);
        $zip->close();
    }
}
