<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use StoneMill\Dough\FormulaLine;
use StoneMill\Dough\Room;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Fault\Changes;
use StoneMill\Fault\NextChange;
use StoneMill\Fault\StagedBatch;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\RequestChange;
use StoneMill\School\ExtraPlace;
use StoneMill\School\Fat;
use StoneMill\School\Likeness;
use StoneMill\School\Purpose;
use StoneMill\School\Rest;
use StoneMill\School\RestPlace;
use StoneMill\School\Scald;
use StoneMill\School\Texture;
use StoneMill\Style\Style;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use StoneMill\Tests\Seeded;

/** What is offered as a change can be taken, whatever the cook had asked for before. */
final class RequestChangeTest extends TestCase
{
    private const REQUESTS = 150;

    public function test_what_a_warning_or_a_cause_offers_can_be_planned_whatever_was_wished_before(): void
    {
        $seeded = new Seeded(20261128);
        [$mends, $changes] = [0, 0];
        for ($number = 0; $number < self::REQUESTS; $number++) {
            $given = self::wished($seeded);
            $plan = self::planned($given);
            if ($plan === null) {
                continue;
            }
            foreach ($plan->warnings as $warning) {
                if ($warning->mend !== null) {
                    $mends++;
                    self::assertNotNull(self::planned($given->with($warning->mend->change)), "$number, $warning->id: {$warning->mend->text}");
                }
            }
            $offered = new Changes(StagedBatch::of($plan)->circumstances());
            foreach (NextChange::cases() as $kind) {
                $change = $offered->change($kind);
                if ($change !== null) {
                    $changes++;
                    $given->with($change->asked)->read(Bench::reference());
                }
            }
        }
        self::assertGreaterThan(100, $mends);
        self::assertGreaterThan(500, $changes);
    }

    public function test_another_school_counts_above_minutes_and_shares_that_stood_beside_the_old_one(): void
    {
        $own = GivenRequest::of(['style' => 'pressed-masa', 'formula' => ['rest' => ['minutes' => 45], 'lines' => [['ingredient' => 'instant-masa-fine', 'percent' => 100]]], 'water' => ['pot_share' => 0.2]]);
        self::assertSame(2700, self::planned($own)?->restSeconds);
        self::assertSame(0, self::planned($own->with(RequestChange::school(Rest::None)))?->restSeconds);
        self::assertSame(0.5, $own->with(RequestChange::school(Scald::HalfInPot))->read(Bench::reference())->potShare());
    }

    public function test_two_changes_are_one_patch_that_does_what_both_do_in_turn(): void
    {
        $given = GivenRequest::ofStyle('pressed-masa')->with(RequestChange::doughOf(28))->with(RequestChange::diameter(150));
        foreach ([[RequestChange::heat(240), RequestChange::balance(1.1)], [RequestChange::pieces(8), RequestChange::pieceOf(30)], [RequestChange::waterOf(40), RequestChange::hydration(120)]] as [$one, $other]) {
            self::assertEquals($given->with($one)->with($other), $given->with($one->and($other)));
        }
    }

    public function test_a_part_that_a_change_empties_is_no_part_of_the_request_any_more(): void
    {
        $given = GivenRequest::of(['style' => 'pressed-masa', 'water' => ['celsius' => 60], 'formula' => ['rest' => ['minutes' => 45]]]);
        self::assertSame('{"style":"pressed-masa","formula":{"method":{"rest":"short"}}}', json_encode($given->with(RequestChange::waterOf(null))->with(RequestChange::school(Rest::Short))->json()));
    }

    public function test_what_is_wished_by_name_stands_in_the_request_that_is_read(): void
    {
        $read = static fn (RequestChange ...$wished): PlanRequest => Bench::request('rice-round', ...$wished)->read(Bench::reference());
        self::assertSame(3, $read(RequestChange::hands(3))->hands);
        self::assertEquals(new Room(28.0, 70.0), $read(RequestChange::room(28, 70))->room);
        self::assertSame(Purpose::Crisp, $read(RequestChange::purpose(Purpose::Crisp))->purpose);
        self::assertSame(150.0, $read(RequestChange::press(150))->gear->pressMillimetres);
        self::assertSame(2400, self::planned(Bench::request('rice-round', RequestChange::restOf(40)))?->restSeconds);
        self::assertSame('cool', Said::at(Bench::request('rice-round', RequestChange::restOf(40, RestPlace::Cool))->json(), 'formula.rest.place')->value);
        self::assertSame(Fat::Ghee, $read(RequestChange::school(Fat::Ghee))->method->fat);
        self::assertSame(Texture::Soft, $read(RequestChange::texture(Texture::Soft))->texture);
        self::assertSame(0.3, $read(RequestChange::potShare(0.3))->potShare());
        self::assertSame(2.5, $read(RequestChange::carbohydrateBudget(2.5))->netCarbohydrateBudgetGrams);
        $cheese = $read(RequestChange::beside('fresh-cheese', ExtraPlace::After, 12))->extras[0];
        self::assertSame(['fresh-cheese', ExtraPlace::After], [$cheese->ingredient->id, $cheese->place]);
        self::assertSame([500.0, null], [$read(RequestChange::dough(500))->scale?->doughGrams, $read(RequestChange::dough(500))->pieces->count]);
        self::assertSame(['salt', 6.0], [$read(RequestChange::limitedBy('salt', 6))->scale?->limitIngredient, $read(RequestChange::limitedBy('salt', 6))->scale?->limitGrams]);
        self::assertSame(['rice-white', 'salt'], array_map(static fn (FormulaLine $line): string => $line->ingredient->id, $read(RequestChange::weighed(['rice-white' => 300, 'salt' => 4.5]))->formula->lines));
        self::assertSame(250.0, $read(RequestChange::roundGriddle(250))->gear->griddle['width'] ?? null);
        $evening = new DateTimeImmutable('2026-03-01T19:00:00+02:00');
        $served = Bench::request('rice-round', RequestChange::servedAt($evening));
        self::assertEquals($evening, $served->read(Bench::reference())->serveAt);
        self::assertNull($served->with(RequestChange::anyTime())->read(Bench::reference())->serveAt);
    }

    public function test_flour_dough_and_a_last_bag_are_three_ways_to_say_how_much_and_the_last_said_counts(): void
    {
        $ways = [RequestChange::flour(400), RequestChange::dough(900), RequestChange::limitedBy('salt', 6)];
        foreach ($ways as $first) {
            foreach ($ways as $last) {
                $said = Bench::request('rice-round', RequestChange::pieces(12), $first, $last);
                self::assertEquals(Bench::sketch('rice-round', $last)->dough->waterFigure->value, Bench::sketchOf($said->json())->dough->waterFigure->value);
            }
        }
    }

    private static function planned(GivenRequest $given): ?BatchPlan
    {
        try {
            return Bench::sketchOf($given->json());
        } catch (InvalidInput) {
            return null;
        }
    }

    /** A bread with wishes of every kind; some of them cannot be had together. */
    private static function wished(Seeded $seeded): GivenRequest
    {
        $styles = array_map(static fn (Style $one): string => $one->id, Bench::reference()->styles->all());
        $style = $styles[$seeded->int(0, count($styles) - 1)];
        $sizes = ['grams_each' => round($seeded->between(10, 200)), 'diameter_mm' => round($seeded->between(90, 280)), 'thickness_mm' => round($seeded->between(1, 12), 1), 'like' => $seeded->one(Likeness::cases())->value];
        $pieces = $seeded->one([['count' => $seeded->int(1, 40)], ['eaters' => $seeded->int(1, 12)], []]);
        foreach ([$seeded->one(array_keys($sizes)), $seeded->one(array_keys($sizes))] as $size) {
            $pieces[$size] = $sizes[$size];
        }
        $either = static fn (array $part): array => $seeded->int(0, 1) === 0 ? [] : $part;

        return GivenRequest::of(array_filter([
            'style' => $style,
            'pieces' => $pieces,
            'formula' => [...$either(['rest' => ['minutes' => $seeded->int(0, 90)]]), ...$either(['method' => ['scald' => $seeded->one(Scald::cases())->value]]), ...$either(['scale' => ['flour_grams' => $seeded->int(100, 900)]])],
            'water' => [...$either(['hydration_percent' => $seeded->int(40, 220)]), ...$seeded->one([['celsius' => $seeded->int(5, 99)], ['dough_celsius' => $seeded->int(20, 45)], []]), ...$either(['pot_share' => round($seeded->between(0, 1), 2)])],
            'griddle' => $either(['surface_celsius' => $seeded->int(140, 320)]),
            'room' => $either(['celsius' => $seeded->int(5, 35)]),
        ]));
    }
}
