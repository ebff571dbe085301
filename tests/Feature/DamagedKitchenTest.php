<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;

/** A kitchen's file that was cut off is refused at the start; one that is damaged deep inside is found by reading all of it. */
final class DamagedKitchenTest extends TestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = sys_get_temp_dir().'/mill-damaged-'.bin2hex(random_bytes(6)).'.sqlite';
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge();
        Artisan::call('mill:prepare');
        DB::purge();
    }

    protected function tearDown(): void
    {
        DB::purge();
        array_map(unlink(...), glob($this->file.'*') ?: []);
        parent::tearDown();
    }

    public function test_a_whole_kitchen_starts_and_is_whole_to_its_last_page(): void
    {
        self::assertSame(0, Artisan::call('mill:prepare'));
        self::assertSame(0, Artisan::call('mill:look-through'));
    }

    public function test_a_kitchen_cut_off_by_one_page_is_not_started(): void
    {
        $cut = substr((string) file_get_contents($this->file), 0, -4096);
        file_put_contents($this->file, $cut);
        self::assertSame(1, Artisan::call('mill:prepare'));
        self::assertSame($cut, file_get_contents($this->file), 'nothing was changed');
    }

    public function test_damage_within_the_batches_is_found_by_the_look_through_all(): void
    {
        $root = (int) ((new PDO('sqlite:'.$this->file))->query("SELECT rootpage FROM sqlite_master WHERE name = 'batch_events'") ?: self::fail())->fetchColumn();
        $handle = fopen($this->file, 'r+') ?: self::fail();
        fseek($handle, ($root - 1) * 4096);
        fwrite($handle, random_bytes(2048));
        fclose($handle);
        self::assertSame(1, Artisan::call('mill:look-through'));
    }

    public function test_damage_in_what_lets_cooks_in_is_seen_at_the_start(): void
    {
        $root = (int) ((new PDO('sqlite:'.$this->file))->query("SELECT rootpage FROM sqlite_master WHERE name = 'users'") ?: self::fail())->fetchColumn();
        $handle = fopen($this->file, 'r+') ?: self::fail();
        fseek($handle, ($root - 1) * 4096);
        fwrite($handle, str_repeat("\xff", 2048));
        fclose($handle);
        self::assertSame(1, Artisan::call('mill:prepare'));
    }
}
