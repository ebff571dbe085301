<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Plan\Reference;
use StoneMill\Tests\Bench;

/** Every choice that practitioners disagree on can be named, is told in a line, and changes what its rule says. */
final class SchoolsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function schools(): iterable
    {
        foreach (Reference::schools()->rows as $row) {
            foreach ($row['options'] as $option) {
                yield $row['step'].' '.$option['id'] => [$row['step'], $option['id']];
            }
        }
    }

    #[DataProvider('schools')]
    public function test_each_school_can_be_planned_by_the_styles_that_know_it(string $step, string $school): void
    {
        $planned = 0;
        foreach (Bench::reference()->styles->all() as $style) {
            if ($step === 'turns' && ! isset($style->baking->turnPlans[$school])) {
                continue;
            }
            $method = Bench::plan(['style' => $style->id, 'formula' => ['method' => [$step => $school]]])->request->method->toArray();
            self::assertSame($school, $method[$step]);
            $planned++;
        }
        self::assertGreaterThan(0, $planned);
    }

    public function test_every_choice_of_the_contract_is_told_in_a_line(): void
    {
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/formats/plan-request.schema.json'), true, 64, JSON_THROW_ON_ERROR);
        foreach (Reference::schools()->rows as $row) {
            self::assertSame($schema['properties']['formula']['properties']['method']['properties'][$row['step']]['enum'], array_column($row['options'], 'id'));
            foreach ($row['options'] as $option) {
                self::assertGreaterThan(12, strlen($option['buys']), $option['id']);
            }
        }
    }

    public function test_hotter_water_schools_never_make_a_starchy_dough_ask_for_less(): void
    {
        foreach (['millet-round', 'rice-round', 'oat-round', 'cassava-wrap'] as $style) {
            $before = 0.0;
            foreach (['cold', 'warm', 'hot_tap', 'boiling'] as $water) {
                $need = Bench::plan(['style' => $style, 'formula' => ['method' => ['water' => $water, 'scald' => 'none']]])->dough->ledger->neededGrams();
                self::assertGreaterThanOrEqual($before - 1e-6, $need, "$style $water");
                $before = $need;
            }
        }
    }
}
