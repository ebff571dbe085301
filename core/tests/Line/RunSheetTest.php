<?php

declare(strict_types=1);

namespace StoneMill\Tests\Line;

use PHPUnit\Framework\TestCase;
use StoneMill\Plan\RequestChange;
use StoneMill\Style\Style;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

final class RunSheetTest extends TestCase
{
    public function test_every_style_has_a_sheet_in_order_that_ends_when_it_is_served(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            $rows = self::rows($style);
            $times = $rows->texts('from');
            self::assertSame($times, self::sorted($times), $style->id);
            [$served, $kept] = array_slice($rows->listed(), -2);
            self::assertSame(['ready', '2026-03-02T12:30:00+01:00'], [$served['what']->value, $served['from']->value]);
            self::assertSame(['keep', $served['until']->value], [$kept['what']->value, $kept['from']->value], 'and how it keeps from then on');
            self::assertContains('weigh', $rows->each('what'));
            self::assertContains('griddle', $rows->each('what'));
        }
    }

    public function test_what_is_done_again_for_another_lot_has_a_row_of_its_own_and_its_own_length(): void
    {
        $rows = Said::at(Bench::ask('sheet', ['request' => ['style' => 'amaranth-round', 'pieces' => ['count' => 24], 'serve_at' => '2026-03-02T12:30:00+01:00']]), 'rows');
        $kneaded = array_filter($rows->listed(), static fn (Said $row): bool => $row['says']->value === 'Knead');
        $lots = Bench::plan('amaranth-round', RequestChange::pieces(24))->line->timeline->lots;
        self::assertGreaterThan(1, count($kneaded));
        self::assertCount(count($lots), $kneaded);
        foreach ($kneaded as $row) {
            self::assertLessThanOrEqual(600, strtotime($row['until']->text()) - strtotime($row['from']->text()));
        }
        $whats = $rows->texts('what');
        self::assertSame(array_unique($whats), $whats);
    }

    public function test_the_text_has_the_clock_first_and_names_each_day_once(): void
    {
        $lines = Said::at(Bench::ask('sheet', ['title' => 'Noon bread', 'request' => ['style' => 'nixtamal-masa', 'serve_at' => '2026-03-02T12:30:00+01:00']]), 'lines');
        $text = implode("\n", $lines->listed());
        self::assertStringStartsWith('Noon bread', $text);
        self::assertSame(1, substr_count($text, 'Sunday, 1 March 2026'));
        self::assertSame(1, substr_count($text, 'Monday, 2 March 2026'));
        self::assertStringContainsString('12:30  Serve', $text);
        self::assertMatchesRegularExpression('/^\d\d:\d\d  Steep \(\d+ min\)$/m', $text);
        self::assertStringContainsString('Caustic', $text);
    }

    private static function rows(Style $style): Said
    {
        return Said::at(Bench::ask('sheet', ['request' => ['style' => $style->id, 'serve_at' => '2026-03-02T12:30:00+01:00']]), 'rows');
    }

    /**
     * @param list<string> $times
     * @return list<string>
     */
    private static function sorted(array $times): array
    {
        sort($times);

        return $times;
    }
}
