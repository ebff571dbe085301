<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gear;
use App\Models\KeptCalibration;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Tests\Said;
use Tests\Contract;
use Tests\TestCase;

/** Griddles, what they are of, and what was read of them. */
final class HearthTest extends TestCase
{
    private const PLATE = ['version' => 0, 'kind' => 'griddle', 'name' => 'Grey steel', 'shape' => 'round', 'diameter_mm' => 300, 'metal' => 'steel', 'thickness_mm' => 3, 'burner' => 'steady'];

    private const READINGS = ['believed_celsius' => 220, 'readings' => [['seconds' => 0, 'celsius' => 25], ['seconds' => 120, 'celsius' => 120], ['seconds' => 300, 'celsius' => 185], ['seconds' => 600, 'celsius' => 212]]];

    public function test_a_griddle_is_kept_and_a_plan_knows_its_metal(): void
    {
        $this->cook();
        $id = self::uuid();
        $response = $this->putJson("/api/v1/gear/$id", self::PLATE)->assertOk();
        Contract::assertHolds('openapi.json#/components/schemas/Gear', (string) $response->getContent());
        $kept = self::document($this->getJson('/api/v1/kitchen'))['gear']->one('id', $id);
        self::assertSame(['shape' => 'round', 'diameter_mm' => 300, 'metal' => 'steel', 'thickness_mm' => 3, 'burner' => 'steady', 'id' => $id], $kept['request']->value);
        $this->postJson('/api/v1/plan', ['style' => 'pressed-masa', 'gear' => ['griddle' => $kept['request']]])->assertOk();
    }

    public function test_pans_are_counted_and_a_bread_keeps_to_its_own_pan_and_griddle(): void
    {
        $this->cook();
        $pan = self::uuid();
        $this->putJson("/api/v1/gear/$pan", ['version' => 0, 'kind' => 'pan', 'name' => 'Iron pans', 'diameter_mm' => 240, 'count' => 2])->assertSuccessful()->assertJsonPath('request.count', 2);
        $this->putJson('/api/v1/gear/'.self::uuid(), ['version' => 0, 'kind' => 'pan', 'name' => 'Too many', 'diameter_mm' => 240, 'count' => 9])->assertUnprocessable()->assertJsonPath('errors.0.path', 'count');
        $start = function (array $request): Said {
            $bread = self::uuid();
            $this->postJson('/api/v1/breads', ['id' => $bread, 'name' => 'Own tools', 'request' => $request])->assertSuccessful();

            return self::document($this->postJson('/api/v1/batches', ['id' => self::uuid(), 'bread' => $bread, 'at' => '2026-03-02T09:00:00Z'])->assertCreated());
        };
        $poured = $start(['style' => 'chickpea-pan-bread', 'gear' => ['pan' => ['diameter_mm' => 240, 'count' => 2]]]);
        self::assertCount(2, Said::at($poured, 'plan.griddle.places')->all());
        $griddles = array_filter([...self::document($this->getJson('/api/v1/kitchen'))['gear']], static fn (Said $one): bool => $one['kind']->value === 'griddle');
        $second = $griddles[array_key_last($griddles) ?? 0];
        $own = $start(['style' => 'millet-round', 'gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => 300, 'id' => $second['id']]]]);
        self::assertSame($second['request']['shape']->value, Said::at($own, 'request.gear.griddle.shape')->value, 'as the hearth knows it today');
        self::assertArrayNotHasKey('diameter_mm', Said::at($own, 'request.gear.griddle')->all(), 'and not as the bread had it');
        self::assertSame($second['id']->value, Said::at($own, 'request.gear.griddle.id')->value);
    }

    public function test_a_change_moves_the_version_and_an_overtaken_one_gets_both_back(): void
    {
        $this->cook();
        $id = self::uuid();
        $this->putJson("/api/v1/gear/$id", self::PLATE)->assertOk();
        $this->putJson("/api/v1/gear/$id", self::PLATE)->assertOk()->assertJson(['version' => 1]);
        $this->putJson("/api/v1/gear/$id", [...self::PLATE, 'version' => 1, 'name' => 'First'])->assertOk()->assertJson(['version' => 2]);
        $conflict = $this->putJson("/api/v1/gear/$id", [...self::PLATE, 'version' => 1, 'name' => 'Second'])->assertStatus(409);
        self::assertSame(['First', 'Second'], [$conflict->json('current.name'), $conflict->json('yours.name')]);
    }

    public function test_a_calibration_gives_the_next_batch_its_preheat(): void
    {
        $this->cook();
        $griddle = Gear::query()->where('kind', 'griddle')->oldest('id')->firstOrFail();
        $document = ['gear' => $griddle->uuid, 'setting' => 'Knob at 7', 'taken_at' => '2099-01-01T08:00:00Z', 'question' => self::READINGS];
        $id = self::uuid();
        $before = KeptCalibration::query()->count();
        $response = $this->putJson("/api/v1/calibrations/$id", $document)->assertOk();
        Contract::assertHolds('openapi.json#/components/schemas/KeptCalibration', (string) $response->getContent());
        $this->putJson("/api/v1/calibrations/$id", $document)->assertOk();
        self::assertSame($before + 1, KeptCalibration::query()->count());
        $preheat = $response->json('answer.preheat_seconds');
        self::assertIsNumeric($preheat);
        $batch = $this->startBatch();
        self::assertEqualsWithDelta($preheat, $batch['plan']['griddle']['preheat_seconds']->value, 1);
    }

    public function test_a_kept_calibration_cannot_be_changed_even_past_the_application(): void
    {
        $this->cook();
        $griddle = Gear::query()->where('kind', 'griddle')->firstOrFail();
        $this->putJson('/api/v1/calibrations/'.self::uuid(), ['gear' => $griddle->uuid, 'setting' => 'Low', 'taken_at' => '2026-01-01T08:00:00Z', 'question' => self::READINGS])->assertOk();
        $this->expectException(QueryException::class);
        DB::table('calibrations')->update(['setting' => 'High']);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'a griddle of ice' => ['gear', [...self::PLATE, 'metal' => 'ice'], 'metal'];
        yield 'no size' => ['gear', array_diff_key(self::PLATE, ['diameter_mm' => 0]), 'diameter_mm'];
        yield 'a spoon' => ['gear', [...self::PLATE, 'kind' => 'spoon'], 'kind'];
        yield 'a scale without its step' => ['gear', ['version' => 0, 'kind' => 'scale', 'name' => 'Small'], 'resolution_grams'];
        yield 'nothing read' => ['calibrations', ['gear' => '00000000-0000-4000-8000-000000000000', 'setting' => 'x', 'taken_at' => '2026-01-01T08:00:00Z', 'question' => ['believed_celsius' => 200]], 'question'];
        yield 'no setting' => ['calibrations', ['gear' => '00000000-0000-4000-8000-000000000000', 'taken_at' => '2026-01-01T08:00:00Z', 'question' => self::READINGS], 'setting'];
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_its_place_and_nothing_is_stored(string $what, array $document, string $path): void
    {
        $this->cook();
        $before = [Gear::query()->count(), KeptCalibration::query()->count()];
        $response = $this->putJson("/api/v1/$what/".self::uuid(), $document)->assertUnprocessable();
        self::assertContains($path, array_column(Said::at($response->json(), 'errors')->all(), 'path'));
        self::assertSame($before, [Gear::query()->count(), KeptCalibration::query()->count()]);
    }

    public function test_the_hearth_of_another_kitchen_is_not_there(): void
    {
        $this->cook();
        $this->putJson('/api/v1/calibrations/'.self::uuid(), ['gear' => self::uuid(), 'setting' => 'x', 'taken_at' => '2026-01-01T08:00:00Z', 'question' => self::READINGS])->assertNotFound();
    }
}
