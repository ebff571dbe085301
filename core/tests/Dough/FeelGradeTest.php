<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Dough\FeelGrade;
use StoneMill\Plan\RequestChange;
use StoneMill\School\Texture;
use StoneMill\Tests\Bench;

final class FeelGradeTest extends TestCase
{
    public function test_grades_run_from_too_dry_to_too_wet_with_ready_in_between(): void
    {
        $points = array_map(static fn (FeelGrade $grade): float => $grade->offsetPoints(), FeelGrade::cases());
        $sorted = $points;
        sort($sorted);
        self::assertSame($sorted, $points);
        self::assertSame(0.0, FeelGrade::Ready->offsetPoints());
    }

    public function test_a_batter_is_told_by_how_it_runs_and_a_dough_by_the_hand(): void
    {
        foreach (FeelGrade::cases() as $grade) {
            foreach (Texture::cases() as $texture) {
                self::assertNotSame('', $grade->inWords($texture));
                $words = mb_strtolower($grade->test($texture));
                self::assertSame(false, $texture === Texture::Batter && preg_match('/thumb|ball|squeez|hand/', $words) === 1, $words);
            }
        }
        self::assertSame('Thick', FeelGrade::Cracking->inWords(Texture::Batter));
        self::assertSame('Cracking', FeelGrade::Cracking->inWords(Texture::Press));
    }

    public function test_no_two_grades_of_one_texture_have_the_same_name_or_test(): void
    {
        foreach (Texture::cases() as $texture) {
            self::assertCount(7, array_unique(array_map(static fn (FeelGrade $grade): string => $grade->inWords($texture), FeelGrade::cases())));
            self::assertCount(7, array_unique(array_map(static fn (FeelGrade $grade): string => $grade->test($texture), FeelGrade::cases())));
        }
    }

    public function test_a_disc_too_wide_for_the_press_matters_only_where_it_is_pressed(): void
    {
        $ids = static fn (string $style): array => array_map(static fn ($warning): string => $warning->id, Bench::plan($style, RequestChange::press(100))->warnings);
        self::assertContains('too-wide-for-press', $ids('pressed-masa'));
        self::assertNotContains('too-wide-for-press', $ids('chickpea-pan-bread'));
        self::assertNotContains('too-wide-for-press', $ids('millet-round'));
    }
}
