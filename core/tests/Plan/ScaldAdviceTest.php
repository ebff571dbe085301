<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\Plan\ScaldPart;
use StoneMill\Document\Plan\WarningPart;
use StoneMill\Plan\RequestChange;
use StoneMill\School\Scald;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** Whether hot water swells enough, and what to do where it does not. */
final class ScaldAdviceTest extends TestCase
{
    public function test_the_needed_pot_share_does_what_it_says(): void
    {
        foreach (['millet-round', 'maize-round', 'rice-vegetable-round', 'oat-round', 'cassava-wrap'] as $style) {
            $advice = self::scald($style, RequestChange::school(Scald::PourOver));
            if ($advice['needed_pot_share']->value === null || $advice['boiling_share']->number() >= $advice['wanted_share']->number()) {
                continue;
            }
            $short = Bench::plan($style, RequestChange::school(Scald::PourOver));
            $mended = Bench::plan($style, RequestChange::potShare($advice['needed_pot_share']->number()), RequestChange::hydration($short->dough->hydrationPercent()));
            self::assertGreaterThanOrEqual($advice['wanted_share']->number() - 0.01, $mended->dough->ledger->swollenShare(), $style);
            self::assertContains('scald-short', array_column(self::warnings($short), 'id'), $style);
            self::assertNotContains('scald-short', array_column(self::warnings($mended), 'id'), $style);
        }
    }

    public function test_words_name_what_boiling_water_reaches_and_what_to_do(): void
    {
        $advice = self::scald('maize-round', RequestChange::room(12), RequestChange::school(Scald::PourOver));
        self::assertStringContainsString(sprintf('%.0f °C here', $advice['boiling_celsius']->number()), $advice['advice']->text());
        self::assertStringContainsString('in the pot', $advice['advice']->text());
    }

    public function test_where_boiling_water_is_enough_the_least_temperature_is_enough_and_no_less(): void
    {
        $wished = RequestChange::pieces(40)->and(RequestChange::hydration(140));
        $advice = self::scald('rice-round', $wished);
        self::assertNotNull($advice['needed_water_celsius']->value);
        $share = static fn (float $celsius): float => Bench::plan('rice-round', $wished, RequestChange::waterOf($celsius))->dough->ledger->swollenShare();
        self::assertGreaterThanOrEqual($advice['wanted_share']->number() - 0.005, $share($advice['needed_water_celsius']->number()));
        self::assertLessThan($advice['wanted_share']->number(), $share($advice['needed_water_celsius']->number() - 2));
    }

    public function test_a_warm_bowl_never_swells_less(): void
    {
        foreach (['millet-round', 'rice-round', 'oat-round', 'cassava-wrap'] as $style) {
            $advice = self::scald($style);
            self::assertGreaterThanOrEqual($advice['boiling_share']->number(), $advice['warm_bowl_share']->number());
            self::assertGreaterThan($advice['boiling_celsius']->number(), $advice['warm_bowl_celsius']->number());
        }
    }

    public function test_more_flour_in_the_pot_never_swells_less(): void
    {
        $before = 0.0;
        foreach ([0.05, 0.2, 0.4, 0.6, 0.8, 1] as $pot) {
            $share = Bench::plan('millet-round', RequestChange::potShare($pot))->dough->ledger->swollenShare();
            self::assertGreaterThan($before, $share);
            $before = $share;
        }
    }

    public function test_breads_that_are_not_scalded_get_no_advice(): void
    {
        self::assertNull(Bench::plan('pressed-masa')->dough->scald);
        self::assertNull(Bench::plan('amaranth-round')->dough->scald);
    }

    private static function scald(string $style, RequestChange ...$wished): Said
    {
        $scald = Bench::plan($style, ...$wished)->dough->scald;
        self::assertNotNull($scald);

        return new Said((new ScaldPart($scald))->json());
    }

    /** @return list<array<string, mixed>> */
    private static function warnings(\StoneMill\Plan\BatchPlan $plan): array
    {
        return array_map(static fn ($warning): array => (new WarningPart($warning))->json(), $plan->warnings);
    }
}
