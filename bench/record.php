<?php

declare(strict_types=1);

// The record at any size: the demo kitchen grown to 100 and to 10,000 batches of about 100 entries each. Every answer is asked of both in
// turns, searches for a page that both can fill; ratios count. Prints JSON. Run: php bench/record.php

use App\Actions\Learn;
use App\Models\Bread;
use App\Models\Gear;
use App\Models\Kitchen;
use App\Models\Lot;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel as Artisan;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use StoneMill\Learn\BatchLesson;
use StoneMill\Learn\KitchenRecord;
use StoneMill\Learn\WaterLesson;

require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
assert($app instanceof Application);
$app->make(Artisan::class)->bootstrap();

/** @param list<float> $values */
function middle(array $values): float
{
    sort($values);

    return $values[intdiv(count($values), 2)];
}

$work = sys_get_temp_dir().'/mill-record-'.getmypid();
mkdir($work);
$use = static function (string $file): void {
    config(['database.connections.sqlite.database' => $file]);
    DB::purge();
};
$files = [];
foreach ([100, 10_000] as $size) {
    $files[$size] = "$work/$size.sqlite";
    $use($files[$size]);
    $app->make(Artisan::class)->call('mill:prepare', ['--demo' => true]);
    DB::purge();
    exec(sprintf('php %s/reliability/grow.php %s %d', __DIR__, escapeshellarg($files[$size]), $size));
}

$get = static function (string $address) use ($app): void {
    $answer = $app->make(Kernel::class)->handle(Request::create("/api/v1/$address", 'GET', server: ['HTTP_ACCEPT' => 'application/json', 'HTTP_HOST' => '127.0.0.1']));
    if ($answer->getStatusCode() !== 200) {
        throw new RuntimeException("$address: ".$answer->getStatusCode().' '.$answer->getContent());
    }
};
$bag = static fn (): string => Lot::query()->where('label', 'like', 'Masa, striped%')->firstOrFail()->uuid;
$asked = [
    'the record, newest page' => static fn () => $get('batches?done=yes'),
    'the record by words' => static fn () => $get('batches?done=yes&limit=10&words=repeat'),
    'the record by words that nobody wrote' => static fn () => $get('batches?done=yes&words=nowhere+to+be+found'),
    'the record by bag and verdict' => static fn () => $get("batches?done=yes&limit=10&verdict=good&bag={$bag()}"),
    'the record by a bag never opened' => static fn () => $get('batches?done=yes&bag=00000000-0000-4000-8000-00000000cafe'),
    'the record by bread and griddle' => static fn () => $get('batches?done=yes&limit=10&bread='.Bread::query()->firstOrFail()->uuid.'&griddle='.Gear::query()->where('kind', 'griddle')->firstOrFail()->uuid),
    'a bag settling' => static fn () => $get("lots/{$bag()}/settling"),
    'the kitchen, with all that was learned' => static fn () => $get('kitchen'),
    'learning' => static fn () => (new Learn)(Kitchen::query()->firstOrFail()),
    'the look at the file when the server starts' => static fn () => $app->make(Artisan::class)->call('mill:prepare'),
];
$found = [];
foreach ($asked as $name => $ask) {
    $times = [100 => [], 10_000 => []];
    for ($turn = 0; $turn < 12; $turn++) {
        foreach ($files as $size => $file) {
            $use($file);
            Auth::login(User::query()->firstOrFail());
            $began = hrtime(true);
            $ask();
            $times[$size][] = (hrtime(true) - $began) / 1e6;
        }
    }
    [$few, $many] = [middle($times[100]), middle($times[10_000])];
    $found[$name] = ['few_ms' => round($few, 2), 'many_ms' => round($many, 2), 'ratio' => round($many / $few, 2)];
}

// In the core alone: a year of 10,000 batches learned from at once, and one added to what a kitchen reads of them.
$lesson = static fn (int $index): BatchLesson => new BatchLesson(intdiv($index, 27), new WaterLesson([['flour' => 'flour '.$index % 5, 'bag' => 'bag '.$index % 30, 'share' => 1.0]], sin($index), 2.0, 'cook '.$index % 3, intdiv($index, 27)), null, null);
$lessons = array_map($lesson, range(1, 10_000));
$began = hrtime(true);
new KitchenRecord($lessons, []);
$found['10,000 batches at once, in the core'] = ['ms' => round((hrtime(true) - $began) / 1e6, 1)];
$began = hrtime(true);
new KitchenRecord(array_slice($lessons, -160), []);
$found['what a kitchen reads of them, after one more batch'] = ['ms' => round((hrtime(true) - $began) / 1e6, 1)];
exec('rm -r '.escapeshellarg($work));
echo json_encode($found, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE), "\n";
