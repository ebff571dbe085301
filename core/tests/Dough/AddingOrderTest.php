<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Dough\AddingOrder;
use StoneMill\Plan\PlanRequest;
use StoneMill\School\GoesIn;
use StoneMill\School\Stage;
use StoneMill\School\WorkStep;
use StoneMill\Tests\Bench;

/** Lines come together in an order, each step with the check that belongs to it. */
final class AddingOrderTest extends TestCase
{
    /**
     * @param array<string, mixed> $request
     * @return list<WorkStep>
     */
    private static function steps(array $request): array
    {
        return PlanRequest::read($request, Bench::reference())->addingOrder()->steps();
    }

    /**
     * @param array<string, mixed> $request
     * @return list<string>
     */
    private static function ids(array $request): array
    {
        return array_map(static fn (WorkStep $step): string => $step->id, self::steps($request));
    }

    public function test_a_plain_masa_is_whisked_dry_and_mixed_until_nothing_dry_is_left(): void
    {
        self::assertSame(['dry', 'together'], self::ids(['style' => 'pressed-masa']));
    }

    public function test_a_dough_of_everything_comes_together_in_the_order_of_the_work(): void
    {
        $lines = [
            ['ingredient' => 'rice-white', 'percent' => 100], ['ingredient' => 'psyllium-powder', 'percent' => 3], ['ingredient' => 'salt', 'percent' => 1, 'goes_in' => 'in_the_water'],
            ['ingredient' => 'yeast-active', 'percent' => 1.5], ['ingredient' => 'browned-butter', 'percent' => 5], ['ingredient' => 'lard', 'percent' => 3], ['ingredient' => 'egg', 'percent' => 20],
            ['ingredient' => 'onion', 'percent' => 10], ['ingredient' => 'yoghurt', 'percent' => 10, 'goes_in' => 'in_stages'], ['ingredient' => 'olive-oil', 'percent' => 2, 'goes_in' => 'kneaded_in'],
        ];
        $steps = self::steps(['style' => 'raised-round', 'formula' => ['lines' => $lines, 'order' => 'flour_into_water']]);
        self::assertSame(
            ['brown', 'dry', 'rub', 'whisk', 'bloom', 'dissolve', 'rain', 'wet', 'stages', 'together', 'knead-in', 'end'],
            array_map(static fn (WorkStep $step): string => $step->id, $steps),
        );
        // No stage comes back once the next has begun.
        $stages = array_map(static fn (WorkStep $step): Stage => $step->stage, $steps);
        foreach (array_slice($stages, 1) as $index => $stage) {
            self::assertFalse($stages[$index]->isAfter($stage));
        }
        $by = array_column($steps, null, 'id');
        self::assertSame([600, 300, 60], [$by['bloom']->seconds, $by['brown']->seconds, $by['whisk']->seconds]);
        self::assertStringContainsString('alive', $by['bloom']->check);
        self::assertStringContainsString('Dissolved', $by['dissolve']->check);
        self::assertStringContainsString('clumps', $by['dry']->check);
        self::assertSame(['browned-butter', 'egg'], $by['wet']->ingredients);
    }

    public function test_every_line_of_every_bread_comes_in_by_a_step_or_with_the_flour(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            $request = PlanRequest::ofStyle($style->id, Bench::reference());
            $told = array_merge(...array_map(static fn (WorkStep $step): array => $step->ingredients, $request->addingOrder()->steps()));
            foreach ($request->formula->lines as $line) {
                if ($line->way() !== GoesIn::Dry) {
                    self::assertContains($line->ingredient->id, $told, $style->id);
                }
            }
            self::assertContains('together', self::ids(['style' => $style->id]), $style->id);
        }
    }

    public function test_a_scalded_dough_is_mixed_with_a_spoon_and_a_batter_is_looked_at(): void
    {
        $last = static fn (string $style): WorkStep => array_column(self::steps(['style' => $style]), null, 'id')['together'];
        self::assertStringContainsString('it burns', $last('rice-round')->check);
        self::assertStringContainsString('No lumps', $last('chickpea-pan-bread')->check);
    }

    public function test_what_the_cook_says_stands_above_what_is_usual_and_stays_through_a_swap(): void
    {
        $butter = Bench::reference()->catalogue->ingredient('butter');
        self::assertSame(GoesIn::Melted, AddingOrder::usual($butter));
        $request = ['style' => 'millet-round', 'formula' => ['lines' => [
            ['ingredient' => 'sorghum', 'percent' => 100], ['ingredient' => 'butter', 'percent' => 4, 'goes_in' => 'rubbed_in'], ['ingredient' => 'xanthan', 'percent' => 1],
        ]]];
        self::assertContains('rub', self::ids($request));
        $answer = Bench::ask('swap', ['request' => $request, 'replace' => 'xanthan']);
        self::assertStringContainsString('"goes_in":"rubbed_in"', json_encode($answer['options'] ?? [], JSON_THROW_ON_ERROR));
    }
}
