<?php

declare(strict_types=1);

namespace StoneMill\Tests\Line;

use PHPUnit\Framework\TestCase;
use StoneMill\Plan\RequestChange;
use StoneMill\Style\Style;
use StoneMill\Tests\Bench;

final class RunSheetTest extends TestCase
{
    public function test_every_style_has_a_sheet_in_order_that_ends_when_it_is_served(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            $sheet = self::sheet($style);
            $times = array_column($sheet['rows'], 'from');
            self::assertSame($times, self::sorted($times), $style->id);
            [$served, $kept] = array_slice($sheet['rows'], -2);
            self::assertSame(['ready', '2026-03-02T12:30:00+01:00'], [$served['what'], $served['from']]);
            self::assertSame(['keep', $served['until']], [$kept['what'], $kept['from']], 'and how it keeps from then on');
            self::assertContains('weigh', array_column($sheet['rows'], 'what'));
            self::assertContains('griddle', array_column($sheet['rows'], 'what'));
        }
    }

    public function test_what_is_done_again_for_another_lot_has_a_row_of_its_own_and_its_own_length(): void
    {
        $sheet = Bench::ask('sheet', ['request' => ['style' => 'amaranth-round', 'pieces' => ['count' => 24], 'serve_at' => '2026-03-02T12:30:00+01:00']]);
        self::assertIsArray($sheet['rows']);
        $kneaded = array_values(array_filter($sheet['rows'], static fn (array $row): bool => $row['says'] === 'Knead'));
        $lots = Bench::plan('amaranth-round', RequestChange::pieces(24))->line->timeline->lots;
        self::assertGreaterThan(1, count($kneaded));
        self::assertCount(count($lots), $kneaded);
        foreach ($kneaded as $row) {
            self::assertLessThanOrEqual(600, strtotime($row['until']) - strtotime($row['from']));
        }
        $whats = array_column($sheet['rows'], 'what');
        self::assertSame(array_unique($whats), $whats);
    }

    public function test_the_text_has_the_clock_first_and_names_each_day_once(): void
    {
        $sheet = Bench::ask('sheet', ['title' => 'Noon bread', 'request' => ['style' => 'nixtamal-masa', 'serve_at' => '2026-03-02T12:30:00+01:00']]);
        self::assertIsArray($sheet['lines']);
        $text = implode("\n", $sheet['lines']);
        self::assertStringStartsWith('Noon bread', $text);
        self::assertSame(1, substr_count($text, 'Sunday, 1 March 2026'));
        self::assertSame(1, substr_count($text, 'Monday, 2 March 2026'));
        self::assertStringContainsString('12:30  Serve', $text);
        self::assertMatchesRegularExpression('/^\d\d:\d\d  Steep \(\d+ min\)$/m', $text);
        self::assertStringContainsString('Caustic', $text);
    }

    /** @return array{rows: non-empty-list<array{what: string, from: string, until: string}>} */
    private static function sheet(Style $style): array
    {
        /** @var array{rows: non-empty-list<array{what: string, from: string, until: string}>} $sheet */
        $sheet = Bench::ask('sheet', ['request' => ['style' => $style->id, 'serve_at' => '2026-03-02T12:30:00+01:00']]);

        return $sheet;
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
