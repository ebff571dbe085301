<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** The picture of a bake: whole, in order, and of the bake that it says it is of. */
final class SectionTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function styles(): iterable
    {
        foreach (['pressed-masa', 'almond-wrap', 'thick-corn-round', 'chickpea-pan-bread', 'rice-round', 'raised-round'] as $style) {
            yield $style => [$style];
        }
    }

    #[DataProvider('styles')]
    public function test_moments_are_in_order_and_each_is_whole(string $style): void
    {
        $section = self::section($style);
        $layers = count($section['layer_edges']) - 1;
        self::assertSame(0.0, $section['layer_edges'][0]->value);
        self::assertEqualsWithDelta(1.0, $section['layer_edges'][$layers]->value, 1e-4);
        $before = -1.0;
        foreach ($section['times'] as $index => $seconds) {
            self::assertGreaterThanOrEqual($before, $seconds->number());
            $before = $seconds->number();
            self::assertCount($layers, $section['celsius'][$index]);
        }
        foreach (['centre_celsius', 'metal_celsius', 'weight_loss_percent'] as $line) {
            self::assertSameSize($section['times'], $section[$line]);
        }
        foreach ($section['face_celsius'] as $line) {
            self::assertSameSize($section['times'], $line);
        }
        self::assertLessThan(260, count($section['times']), 'a picture stays small');
        self::assertLessThan(0.1, max($section['residuals']['heat_percent']->number(), $section['residuals']['water_percent']->number()));
    }

    #[DataProvider('styles')]
    public function test_the_middle_lies_between_the_hottest_and_the_coldest_layer_at_every_moment(string $style): void
    {
        $section = self::section($style);
        foreach ($section['celsius'] as $moment => $layers) {
            $celsius = array_map(static fn (Said $layer): float => $layer->number(), [...$layers]);
            self::assertGreaterThanOrEqual(min([INF, ...$celsius]) - 0.11, $section['centre_celsius'][$moment]->number());
            self::assertLessThanOrEqual(max([-INF, ...$celsius]) + 0.11, $section['centre_celsius'][$moment]->number());
        }
    }

    #[DataProvider('styles')]
    public function test_every_touch_is_told_with_how_the_bread_stood(string $style): void
    {
        $section = self::section($style);
        self::assertSame($section['touches']->each('action'), $section['stood']->each('action'));
        self::assertSame($section['touches']->each('at_seconds'), $section['stood']->each('at_seconds'));
        self::assertGreaterThanOrEqual(0, $section['swollen_share']->value ?? 0);
        self::assertLessThanOrEqual(1, $section['swollen_share']->value ?? 1);
    }

    public function test_the_plan_and_its_picture_are_of_one_bake(): void
    {
        foreach (['pressed-masa', 'millet-round', 'thick-corn-round'] as $style) {
            $plan = Said::at(PlanDocument::of(Bench::plan($style))->json, 'griddle');
            $section = self::section($style);
            self::assertSame([...$plan['turns']->all(), $plan['lift']->value], $section['touches']->value);
            self::assertSame($plan['faces']->value, $section['faces']->value);
            self::assertSame($plan['weight_loss_percent']->value, $section['loss']->value);
        }
    }

    public function test_a_baked_disc_has_swollen_through_and_a_raw_one_has_not(): void
    {
        self::assertEqualsWithDelta(1.0, self::section('pressed-masa')['swollen_share']->value, 0.01);
        $raw = Said::at(Bench::ask('bake', ['request' => ['style' => 'pressed-masa'], 'own' => ['touches' => [['action' => 'lift', 'at_seconds' => 6]]]]), 'own.swollen_share');
        self::assertLessThan(0.6, $raw->value);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function nonsense(): iterable
    {
        yield 'no request' => [[], 'request'];
        yield 'a bread nobody knows' => [['request' => ['style' => 'cloud']], 'request.style'];
        yield 'a wish for black' => [['request' => ['style' => 'pressed-masa', 'griddle' => ['shade' => 1.2]]], 'request.griddle.shade'];
        yield 'to lose everything' => [['request' => ['style' => 'pressed-masa', 'griddle' => ['weight_loss_percent' => 90]]], 'request.griddle.weight_loss_percent'];
        yield 'half a turn' => [['request' => ['style' => 'pressed-masa', 'griddle' => ['turn_count' => 2.5]]], 'request.griddle.turn_count'];
        yield 'perhaps' => [['request' => ['style' => 'pressed-masa'], 'sensitivity' => 'perhaps'], 'sensitivity'];
        yield 'a griddle of gold' => [['request' => ['style' => 'pressed-masa', 'gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => 300, 'metal' => 'gold']]]], 'request.gear.griddle.metal'];
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_its_place(mixed $document, string $path): void
    {
        try {
            Bench::ask('bake', $document);
            self::fail('Nonsense was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badWishes(): iterable
    {
        yield 'a school of its own' => [['schools' => ['juggling']], 'wish.schools[0]'];
        yield 'ways more than there are' => [['schools' => array_fill(0, 8, 'two_turns')], 'wish.schools'];
        yield 'heat upside down' => [['heat' => ['least_celsius' => 240, 'most_celsius' => 200]], 'wish.heat.most_celsius'];
        yield 'a boiling middle' => [['centre_celsius' => 130], 'wish.centre_celsius'];
        yield 'a puff of two' => [['puff' => 2], 'wish.puff'];
    }

    /** @param array<string, mixed> $wish */
    #[DataProvider('badWishes')]
    public function test_a_bad_wish_is_refused_by_its_place(array $wish, string $path): void
    {
        try {
            Bench::ask('turns', ['request' => ['style' => 'pressed-masa'], 'wish' => $wish]);
            self::fail('Nonsense was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }

    private static function section(string $style): Said
    {
        return Said::at(Bench::ask('bake', ['request' => ['style' => $style]]), 'found');
    }
}
