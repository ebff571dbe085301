<?php

declare(strict_types=1);

namespace StoneMill\Tests\Label;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\Plan\KeepingPart;
use StoneMill\Plan\RequestChange;
use StoneMill\School\After;
use StoneMill\Tests\Bench;

/** How a bread keeps: a stack that cools as one body, what spoils, what an oven or a flame can warm again. */
final class KeepingTest extends TestCase
{
    public function test_a_stack_in_a_cloth_cools_as_one_body_of_its_volume_and_surface(): void
    {
        $plan = Bench::sketch('pressed-masa', RequestChange::room(21));
        $height = 14 * $plan->disc->thicknessMillimetres / 1000;
        $diameter = $plan->disc->diameterMillimetres / 1000;
        // Volume over surface of a cylinder, 3.0 MJ/(m³·K), 8 W/(m²·K), from 85 to 45 °C in a room of 21: ln(64/24) = 0.981.
        $surface = M_PI * $diameter ** 2 / 2 + M_PI * $diameter * $height;
        $minutes = 3.0e6 * (M_PI / 4 * $diameter ** 2 * $height) / (8 * $surface) * log(64 / 24) / 60;
        self::assertEqualsWithDelta($minutes, $plan->keeping->warmMinutes()->likely ?? 0, 1e-6);
        self::assertGreaterThan(30, $minutes);
        self::assertLessThan(90, $minutes);
    }

    public function test_more_pieces_stay_warm_longer_and_a_cold_room_and_a_thin_cloth_take_it_away(): void
    {
        $warm = static fn (int $count, float $room, After $after): float => Bench::sketch(
            'pressed-masa', RequestChange::pieces($count), RequestChange::room($room), RequestChange::school($after),
        )->keeping->warmMinutes()->likely ?? 0.0;
        self::assertGreaterThan($warm(4, 21, After::StackInCloth), $warm(8, 21, After::StackInCloth));
        self::assertLessThan($warm(4, 21, After::StackInCloth), $warm(4, 12, After::StackInCloth));
        self::assertGreaterThan($warm(4, 21, After::StackInCloth), $warm(4, 21, After::LinedBox));
        self::assertSame(0.0, $warm(4, 21, After::Rack), 'what is to be crisp is not to stay warm');
    }

    public function test_what_spoils_goes_into_the_fridge_within_two_hours_and_local_codes_lead(): void
    {
        $words = static fn (string $style): string => implode(' ', array_column((new KeepingPart(Bench::sketch($style)->keeping))->json()['lines'], 'words'));
        self::assertStringContainsString('With vegetables in it: cool at once', $words('rice-vegetable-round'));
        self::assertStringContainsString('egg', $words('almond-wrap'));
        self::assertStringContainsString('your local food code leads', $words('almond-wrap'));
        self::assertStringNotContainsString('cool at once', $words('pressed-masa'));
        self::assertStringContainsString('In foil in the oven', $words('thick-corn-round'), 'a pan never reaches its middle');
        self::assertStringContainsString('Steam burns', $words('thick-corn-round'));
        self::assertStringContainsString('over a flame', $words('pressed-masa'));
    }

    /** @return iterable<string, array{string}> */
    public static function styles(): iterable
    {
        foreach (Bench::reference()->styles->ids() as $id) {
            yield $id => [$id];
        }
    }

    #[DataProvider('styles')]
    public function test_every_bread_however_it_is_put_by_says_all_four_and_keeps_to_its_bounds(string $style): void
    {
        foreach (After::cases() as $after) {
            foreach ([1, 60] as $count) {
                $keep = (new KeepingPart(Bench::sketch($style, RequestChange::pieces($count), RequestChange::school($after))->keeping))->json();
                self::assertSame(['hold', 'cool', 'store', 'warm'], array_column($keep['lines'], 'id'));
                $warm = $keep['warm_minutes'];
                if ($warm !== null) {
                    self::assertLessThanOrEqual($warm['value'], $warm['low']);
                    self::assertLessThanOrEqual($warm['high'], $warm['value']);
                    self::assertLessThanOrEqual(90, $warm['high']);
                    self::assertGreaterThan(0, $warm['low']);
                }
            }
        }
    }
}
