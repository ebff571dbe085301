<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\User;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Tests\Said;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Contract;

/** A kitchen of every format that was ever shipped starts, and every batch in it opens, sheets and calendars with it. */
final class OldKitchenTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        $this->folder = sys_get_temp_dir().'/mill-old-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        DB::purge();
        array_map(unlink(...), glob($this->folder.'/*') ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    /** @return iterable<string, array{string}> */
    public static function formats(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/database/fixtures/*.sqlite') ?: [] as $file) {
            yield basename($file, '.sqlite') => [$file];
        }
    }

    #[DataProvider('formats')]
    public function test_an_old_kitchen_is_brought_up_to_date_whole_and_all_in_it_opens(string $file): void
    {
        copy($file, $this->folder.'/kitchen.sqlite');
        config(['database.connections.sqlite.database' => $this->folder.'/kitchen.sqlite']);
        DB::purge();
        $said = new BufferedOutput;
        self::assertSame(0, Artisan::call('mill:prepare', [], $said));
        self::assertStringContainsString('demo', $said->fetch());
        self::assertCount(1, glob($this->folder.'/kitchen-before-update-*.sqlite') ?: []);
        $this->actingAs(User::query()->where('name', 'cook')->firstOrFail());
        $batches = Batch::query()->get();
        $before = $this->plansOf(glob($this->folder.'/kitchen-before-update-*.sqlite')[0] ?? '');
        self::assertGreaterThan(2, $batches->count());
        foreach ($batches as $batch) {
            $shown = $this->getJson("/api/v1/batches/{$batch->uuid}")->assertOk();
            Contract::assertComponent('Batch', (string) $shown->getContent());
            foreach (['water.grams.value', 'portion.count', 'portion.piece_grams.value', 'griddle.lift.at_seconds'] as $number) {
                self::assertSame(data_get($before[$batch->uuid], $number), data_get($batch->plan, $number), 'what was planned stays as it was');
            }
            foreach (['run-sheet.txt', 'run-sheet.pdf', 'timeline.ics'] as $along) {
                $this->get("/batches/{$batch->uuid}/$along")->assertOk();
            }
        }
        self::assertCount($batches->count(), (array) $this->getJson('/api/v1/batches?limit=200')->assertOk()->json('batches'));
        $this->getJson('/api/v1/day')->assertOk();
    }

    /** @return array<string, mixed> plans by batch, as a file has them */
    private function plansOf(string $file): array
    {
        $rows = (new PDO('sqlite:'.$file))->query('SELECT uuid, plan FROM batches') ?: [];
        $plans = [];
        foreach ($rows as $row) {
            $row = new Said($row);
            $plans[$row['uuid']->text()] = Said::json($row['plan']->text())->value;
        }

        return $plans;
    }
}
