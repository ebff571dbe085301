<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\TestCase;
use StoneMill\Plan\Portrait;
use StoneMill\Tests\Bench;

final class PortraitTest extends TestCase
{
    /** @param array<string, mixed> $request */
    private static function portrait(array $request): Portrait
    {
        return Portrait::of(Bench::planOf($request));
    }

    private static function light(string $colour): int
    {
        return (int) array_sum(array_map(hexdec(...), str_split(substr($colour, 1), 2)));
    }

    public function test_breads_of_all_styles_are_told_apart(): void
    {
        $seen = [];
        foreach (Bench::reference()->styles->all() as $style) {
            $portrait = self::portrait(['style' => $style->id]);
            $seen[json_encode([round($portrait->diameterMillimetres / 20), round($portrait->thicknessMillimetres), $portrait->base], JSON_THROW_ON_ERROR)][] = $style->id;
            self::assertLessThanOrEqual(self::light($portrait->base) + 2, self::light($portrait->spot), $style->id);
        }
        self::assertSame([], array_filter($seen, static fn (array $alike): bool => count($alike) > 1));
    }

    public function test_a_dark_flour_makes_a_dark_bread_and_a_hotter_griddle_darker_spots(): void
    {
        $rice = self::portrait(['style' => 'rice-round']);
        $finger = self::portrait(['style' => 'finger-millet-round']);
        self::assertGreaterThan(self::light($finger->base) + 100, self::light($rice->base));

        // By the same times the hotter metal browns more.
        $own = ['own' => ['touches' => [['action' => 'turn', 'at_seconds' => 25], ['action' => 'turn', 'at_seconds' => 75], ['action' => 'lift', 'at_seconds' => 110]]]];
        $cool = self::portrait(['style' => 'pressed-masa', 'griddle' => ['surface_celsius' => 190, ...$own]]);
        $hot = self::portrait(['style' => 'pressed-masa', 'griddle' => ['surface_celsius' => 270, ...$own]]);
        self::assertLessThan(self::light($cool->spot), self::light($hot->spot));
        self::assertGreaterThan(count($cool->spots), count($hot->spots));
    }

    public function test_a_press_leaves_a_rounder_rim_than_palms_and_every_spot_lies_on_the_bread(): void
    {
        $pressed = self::portrait(['style' => 'pressed-masa']);
        $patted = self::portrait(['style' => 'pressed-masa', 'formula' => ['method' => ['shape' => 'palms']]]);
        self::assertGreaterThan(5 * (max($pressed->rim) - min($pressed->rim)), max($patted->rim) - min($patted->rim));
        foreach ([...$pressed->spots, ...$patted->spots] as [$across, $down, $wide]) {
            self::assertLessThanOrEqual(1.0, hypot($across, $down) + $wide);
        }
    }

    public function test_the_same_plan_gives_the_same_picture(): void
    {
        self::assertEquals(self::portrait(['style' => 'oat-round']), self::portrait(['style' => 'oat-round']));
    }
}
