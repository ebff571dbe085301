<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** Two versions of a formula, told apart in words and numbers. */
final class ComparisonTest extends TestCase
{
    public function test_a_version_does_not_differ_from_itself(): void
    {
        foreach (Bench::reference()->styles->ids() as $style) {
            self::assertSame([], self::changes(['style' => $style], ['style' => $style]));
        }
    }

    public function test_lines_that_come_in_go_out_or_change_are_named_with_their_percentages(): void
    {
        $changes = self::changes(
            ['style' => 'millet-round'],
            ['style' => 'millet-round', 'formula' => ['lines' => [['ingredient' => 'sorghum', 'percent' => 85], ['ingredient' => 'tapioca-starch', 'percent' => 15]]]],
        );
        $lines = array_values(array_filter($changes, static fn (array $change): bool => $change['kind'] === 'line'));
        self::assertSame(['Less sorghum flour.', 'Salt goes out.', 'Tapioca starch comes in.'], array_column($lines, 'text'));
        self::assertEqualsWithDelta([100.0, 85.0], [$lines[0]['before'], $lines[0]['after']], 1e-6);
        self::assertNull($lines[1]['after']);
        self::assertNull($lines[2]['before']);
    }

    public function test_schools_are_told_in_kitchen_words(): void
    {
        $changes = self::changes(['style' => 'millet-round'], ['style' => 'millet-round', 'formula' => ['method' => ['scald' => 'all_in_pot']]]);
        self::assertContains('Scald: all in pot instead of half in pot.', array_column($changes, 'text'));
        $swollen = self::of('Swollen starch', $changes);
        self::assertGreaterThan($swollen['before'], $swollen['after']);
        self::assertSame('percent', $swollen['unit']);
    }

    public function test_before_and_after_change_places_when_the_versions_do(): void
    {
        $one = ['style' => 'almond-wrap'];
        $other = ['style' => 'almond-wrap', 'water' => ['hydration_percent' => 25]];
        $forth = self::of('Hydration', self::changes($one, $other));
        $back = self::of('Hydration', self::changes($other, $one));
        self::assertEqualsWithDelta([$forth['before'], $forth['after']], [$back['after'], $back['before']], 1e-9);
        self::assertSame(['Hydration: wetter.', 'Hydration: drier.'], [$forth['text'], $back['text']]);
    }

    public function test_what_eaters_must_know_is_among_the_differences(): void
    {
        $withWheat = ['style' => 'millet-round', 'formula' => ['lines' => [['ingredient' => 'sorghum', 'percent' => 80], ['ingredient' => 'wheat', 'percent' => 20]]]];
        $texts = array_column(self::changes(['style' => 'millet-round'], $withWheat), 'text');
        self::assertContains('Now with wheat.', $texts);
        self::assertContains('Contains wheat: not gluten-free.', $texts);
        self::assertContains('No longer with egg.', array_column(self::changes(['style' => 'almond-wrap'], ['style' => 'coconut-psyllium-wrap']), 'text'));
    }

    public function test_a_side_that_is_missing_or_wrong_is_named(): void
    {
        foreach ([[['before' => ['style' => 'rice-round']], 'after'], [['before' => ['style' => 'rice-round'], 'after' => ['style' => 'brick']], 'after.style']] as [$document, $path]) {
            try {
                Bench::ask('compare', $document);
                self::fail('It was taken.');
            } catch (InvalidInput $refusal) {
                self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
            }
        }
    }

    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     * @return list<array<string, mixed>>
     */
    private static function changes(array $before, array $after): array
    {
        return Said::at(Bench::ask('compare', ['before' => $before, 'after' => $after]), 'changes')->rows();
    }

    /**
     * @param list<array<string, mixed>> $changes
     * @return array<string, mixed>
     */
    private static function of(string $subject, array $changes): array
    {
        $found = array_values(array_filter($changes, static fn (array $change): bool => $change['subject'] === $subject));
        self::assertCount(1, $found, $subject);

        return $found[0];
    }
}
