<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\RequestChange;
use StoneMill\Plan\Warning;
use StoneMill\School\Liner;
use StoneMill\School\Shaping;
use StoneMill\School\WayOver;
use StoneMill\Shape\Carrying;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** What a piece is shaped on, and how it gets onto the griddle. */
final class CarryingTest extends TestCase
{
    public function test_plastic_never_comes_near_heat_whatever_is_made_of_whatever(): void
    {
        foreach (Shaping::cases() as $shaping) {
            foreach ([100.0, 190.0, 260.0] as $wide) {
                foreach ([0.4, 1.0, 2.0] as $binding) {
                    foreach ([-3.0, 0.0, 6.0] as $points) {
                        $carrying = Carrying::of($wide, $shaping, $binding, $points, null, null);
                        self::assertTrue($carrying->liner !== Liner::CutBag || $carrying->over === WayOver::OverThePalm);
                        self::assertContains($carrying->liner, Liner::servingFor($shaping));
                    }
                }
            }
        }
        foreach (Liner::servingFor(Shaping::LeverPress) as $liner) {
            if ($liner === Liner::CutBag) {
                self::assertStringContainsString('ever onto a hot surface', $liner->use());
            }
        }
    }

    public function test_a_wet_dough_is_pressed_in_a_bag_and_a_weak_or_wide_one_goes_over_on_its_paper(): void
    {
        $carried = static fn (float $wide, float $binding, float $points): Carrying => Carrying::of($wide, Shaping::LeverPress, $binding, $points, null, null);
        self::assertSame([Liner::CutBag, WayOver::OverThePalm], [$carried(160, 1.5, 6)->liner, $carried(160, 1.5, 6)->over]);
        self::assertSame([Liner::BakingPaper, WayOver::OnThePaper], [$carried(160, 0.5, 0)->liner, $carried(160, 0.5, 0)->over]);
        self::assertSame(WayOver::OnThePaper, $carried(230, 1.5, 0)->over);
        self::assertStringContainsString('wider than a hand', $carried(230, 1.5, 0)->inWords());
    }

    public function test_what_the_cook_says_is_done_and_one_choice_brings_what_goes_with_it(): void
    {
        $carry = static fn (array $carry, string $style = 'pressed-masa'): array => (array) data_get(PlanDocument::of(Bench::planOf(['style' => $style, 'carry' => $carry]))->json, 'shape.carry');
        self::assertSame('on_the_paper', $carry(['over' => 'on_the_paper'])['over']);
        self::assertSame('baking_paper', $carry(['over' => 'on_the_paper'])['liner']);
        self::assertSame('off_the_cloth', $carry(['liner' => 'damp_cloth'], 'patted-masa')['over']);
        self::assertSame('poured', $carry([], 'teff-batter-round')['over']);
    }

    /** @param array<string, string> $carry */
    #[\PHPUnit\Framework\Attributes\TestWith([['liner' => 'cut_bag', 'over' => 'on_the_paper'], 'carry.over', 'over_the_palm'])]
    #[\PHPUnit\Framework\Attributes\TestWith([['liner' => 'damp_cloth'], 'carry.liner', 'cut_bag'])]
    #[\PHPUnit\Framework\Attributes\TestWith([['over' => 'poured'], 'carry.over', 'on_the_paper'])]
    public function test_what_does_not_go_together_is_refused_with_what_does(array $carry, string $path, string $limit): void
    {
        try {
            Bench::planOf(['style' => 'pressed-masa', 'carry' => $carry]);
            self::fail('planned');
        } catch (InvalidInput $refused) {
            self::assertSame([$path], array_map(static fn ($error): string => $error->path, $refused->errors));
            self::assertStringContainsString($limit, $refused->errors[0]->limit);
        }
    }

    public function test_paper_on_metal_that_is_too_hot_for_it_is_warned_of_and_one_tap_mends_it(): void
    {
        $warnings = static fn (float $celsius): array => array_values(array_filter(
            Bench::plan('pressed-masa', RequestChange::carriedOver(WayOver::OnThePaper), RequestChange::heat($celsius))->warnings,
            static fn (Warning $warning): bool => $warning->id === 'paper-scorches',
        ));
        self::assertSame([], $warnings(215));
        self::assertSame(['carry' => ['over' => 'over_the_palm']], $warnings(235)[0]->mend?->change->patch());
    }

    public function test_going_over_on_paper_and_round_the_press_take_hands_longer(): void
    {
        $pace = static fn (RequestChange ...$wished): mixed => data_get(PlanDocument::of(Bench::plan('pressed-masa', RequestChange::pieces(4), RequestChange::pieceOf(60), ...$wished))->json, 'line.pace');
        self::assertEquals(4.0, data_get($pace(), 'lay'));
        self::assertEquals(8.0, data_get($pace(RequestChange::carriedOver(WayOver::OnThePaper)), 'lay'));
        // Four presses: three more, of 5 s each.
        self::assertEqualsWithDelta(15.0, Said::at($pace(RequestChange::press(150)), 'shape')->number() - Said::at($pace(), 'shape')->number(), 1e-6);
    }
}
