<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\JoinKitchen;
use App\Actions\KeepCalibration;
use App\Actions\OpenKitchen;
use App\Models\Bread;
use App\Models\Gear;
use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Lot;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use LogicException;
use Ramsey\Uuid\Uuid;
use StoneMill\Measure\Cup;

/** A made-up kitchen to look around in. The same on every start, but for the moment its history counts back from. */
final class DemoKitchen extends Seeder
{
    public const NAMESPACE = '6f1d6f0e-3a52-5b0e-9a53-0f6f1f4d7c11';

    public const COOK = 'cook';

    public const SECOND_COOK = 'second';

    private const BREADS = [
        'pressed-masa' => 'Everyday masa discs',
        'millet-round' => 'Sorghum rounds for dipping',
        'rice-round' => 'Soft rice rounds',
        'almond-wrap' => 'Almond wraps',
    ];

    /** ingredient, label, certified, days since it was opened, note, price a kg, grams bought, days until it is best no more */
    private const BAGS = [
        ['instant-masa-fine', 'Masa, striped paper bag', true, 19, 'Drinks a little more than the last one.', 2.9, 10000.0, 140],
        ['instant-masa-fine', 'Masa, end of the old bag', false, 61, null, 2.4, 5000.0, 20],
        ['sorghum', 'Sorghum, cloth sack', false, 33, 'Ground fine.', 3.1, 5000.0, 90],
        ['pearl-millet', 'Pearl millet, small jar', false, 12, 'Smell before use: turns bitter.', 3.6, 700.0, -3],
        ['rice-white', 'Rice flour, tin', true, 40, null, 1.8, 5000.0, 200],
        ['almond-blanched', 'Almond, freezer box', true, 8, 'Bring to room warmth first.', 14.5, 5000.0, 60],
    ];

    /** @var list<array{kind: string, name: string, shape?: string, diameter_millimetres?: float, width_millimetres?: float, depth_millimetres?: float, resolution_grams?: float, metal?: string, metal_millimetres?: float, burner?: string}> */
    private const GEAR = [
        ['kind' => 'griddle', 'name' => 'Black iron plate', 'shape' => 'round', 'diameter_millimetres' => 380.0, 'metal' => 'cast_iron', 'metal_millimetres' => 5.0, 'burner' => 'home'],
        ['kind' => 'griddle', 'name' => 'Wide steel over two burners', 'shape' => 'rectangle', 'width_millimetres' => 540.0, 'depth_millimetres' => 360.0, 'metal' => 'steel', 'metal_millimetres' => 4.0, 'burner' => 'regulated'],
        ['kind' => 'press', 'name' => 'Lever press', 'diameter_millimetres' => 190.0],
        ['kind' => 'scale', 'name' => 'Bench scale (stand-in)', 'resolution_grams' => 1.0],
        ['kind' => 'pan', 'name' => 'Iron pan', 'diameter_millimetres' => 240.0, 'count' => 2],
    ];

    /** What the thermometer showed of the black iron plate with its knob at six: seconds and °C. */
    private const WARM_UP = [[20, 34], [60, 71], [120, 112], [200, 151], [300, 184], [420, 205], [560, 220], [720, 226]];

    public function run(OpenKitchen $open, JoinKitchen $join, DemoBatches $batches, DemoTrials $trials): void
    {
        $now = new DateTimeImmutable(is_string($then = config('mill.demo_now')) && $then !== '' ? $then : 'now');
        DB::transaction(function () use ($open, $join, $batches, $trials, $now): void {
            $cook = $open('Low Wall Kitchen', self::COOK, config()->string('mill.demo_password')) ?? throw new LogicException('The demo is put into an empty house only.');
            $this->nameBreads($cook->kitchen);
            $this->fillLarder($cook->kitchen, $now);
            $this->fitOut($cook->kitchen, $now);
            $cook->kitchen->update(['cup' => Cup::Metric->value]);
            $second = User::query()->create(['kitchen_id' => $cook->kitchen_id, 'name' => self::SECOND_COOK, 'password' => config()->string('mill.demo_password')]);
            $join($second, $cook->kitchen, KitchenRole::Cook);
            $batches->seed($cook, $second, $now);
            $trials->seed($cook, $now);
        });
    }

    public static function uuid(string $name): string
    {
        return Uuid::uuid5(self::NAMESPACE, $name)->toString();
    }

    /** By what a kitchen is known to have begun as this one. */
    public static function firstBread(): string
    {
        return self::uuid('bread '.array_key_first(self::BREADS));
    }

    private function nameBreads(Kitchen $kitchen): void
    {
        foreach (Bread::query()->where('kitchen_id', $kitchen->id)->get() as $formula) {
            $formula->update(['name' => self::BREADS[$formula->style], 'uuid' => self::uuid('bread '.$formula->style)]);
        }
    }

    private function fillLarder(Kitchen $kitchen, DateTimeImmutable $now): void
    {
        foreach (self::BAGS as [$ingredient, $label, $certified, $days, $notes, $price, $grams, $keeps]) {
            Lot::query()->create([
                'uuid' => self::uuid('bag '.$label), 'kitchen_id' => $kitchen->id, 'ingredient' => $ingredient, 'label' => $label,
                'certified_gluten_free' => $certified, 'bought_on' => $now->modify(sprintf('-%d days', $days + 6))->format('Y-m-d'), 'opened_on' => $now->modify("-$days days")->format('Y-m-d'),
                'price_per_kilogram' => $price, 'bought_grams' => $grams, 'best_before' => $now->modify("$keeps days")->format('Y-m-d'), 'notes' => $notes, 'version' => 1,
            ]);
        }
    }

    private function fitOut(Kitchen $kitchen, DateTimeImmutable $now): void
    {
        foreach (self::GEAR as $tool) {
            Gear::query()->create([...$tool, 'uuid' => self::uuid('gear '.$tool['name']), 'kitchen_id' => $kitchen->id]);
        }
        app(KeepCalibration::class)($kitchen, self::uuid('calibration of the black iron plate'), [
            'gear' => self::uuid('gear Black iron plate'), 'setting' => 'Knob at 6', 'taken_at' => $now->modify('-11 days')->format(DATE_RFC3339),
            'question' => [
                'believed_celsius' => 230,
                'readings' => array_map(static fn (array $one): array => ['seconds' => $one[0], 'celsius' => $one[1]], self::WARM_UP),
                'tests' => ['drop_dances', 'flour_browns_fast'],
                'spots' => [231, 226, 214, 219, 228],
            ],
        ]);
    }
}
