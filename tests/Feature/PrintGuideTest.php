<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Shape\Paper;
use Tests\Contract;
use Tests\TestCase;

/** The printed ring must be as large as it says: its drawing commands are read out of the PDF and measured. */
final class PrintGuideTest extends TestCase
{
    private const POINTS_IN_MILLIMETRE = 72 / 25.4;

    /** @return iterable<string, array{float, string}> */
    public static function rings(): iterable
    {
        yield 'a small ring on A4' => [120.0, 'a4'];
        yield 'a disc of masa on letter' => [161.4, 'letter'];
        yield 'the widest whole ring on A4' => [189.0, 'a4'];
        yield 'a quarter of a wide one' => [300.0, 'a4'];
    }

    #[DataProvider('rings')]
    public function test_ring_bar_and_ruler_are_drawn_to_true_size(float $diameter, string $paper): void
    {
        $this->cook();
        $response = $this->get("/guides/ring?diameter_mm=$diameter&thickness_mm=1.9&paper=$paper")->assertOk();
        self::assertSame('application/pdf', $response->headers->get('Content-Type'));
        $drawing = self::drawing((string) $response->getContent());
        $size = Paper::from($paper);
        self::assertEqualsWithDelta($size->width(), $drawing['page'][0], 0.2);
        self::assertEqualsWithDelta($size->height(), $drawing['page'][1], 0.2);
        $widest = max(0.0, ...array_map(static fn (array $span): float => $span[1] - $span[0], $drawing['curves']));
        self::assertEqualsWithDelta($diameter <= 190 ? $diameter : $diameter / 2, $widest, 0.3);
        self::assertContainsEqualsWithDelta(100.0, $drawing['lines'], 0.05);
        self::assertContainsEqualsWithDelta(1.9, $drawing['heights'], 0.02);
    }

    public function test_what_no_paper_holds_is_refused_by_name(): void
    {
        $this->cook();
        $response = $this->getJson('/guides/ring?diameter_mm=900&thickness_mm=two&paper=folio')->assertUnprocessable();
        Contract::assertHolds('problem.schema.json', (string) $response->getContent());
        self::assertSame(['diameter_mm', 'thickness_mm', 'paper'], array_column((array) $response->json('errors'), 'path'));
    }

    public function test_only_who_signed_in_prints(): void
    {
        self::assertFalse($this->get('/guides/ring?diameter_mm=120&thickness_mm=2')->isOk());
    }

    /**
     * @param list<float> $values
     */
    private static function assertContainsEqualsWithDelta(float $wanted, array $values, float $delta): void
    {
        $nearest = array_reduce($values, static fn (float $best, float $value): float => abs($value - $wanted) < abs($best - $wanted) ? $value : $best, INF);
        self::assertEqualsWithDelta($wanted, $nearest, $delta);
    }

    /** @return array{page: array{float, float}, curves: list<array{float, float}>, lines: list<float>, heights: list<float>} in mm */
    private static function drawing(string $pdf): array
    {
        if (preg_match('~/MediaBox \[\s*[\d.]+ [\d.]+ ([\d.]+) ([\d.]+)\s*\]~', $pdf, $box) !== 1) {
            self::fail('The PDF names no page size.');
        }
        preg_match_all('~stream\r?\n(.*?)\r?\nendstream~s', $pdf, $streams);
        $text = implode("\n", array_map(static fn (string $stream): string => (string) (@gzuncompress($stream) ?: ''), $streams[1]));
        $matrix = [1.0, 0.0, 0.0, 1.0, 0.0, 0.0];
        $stack = [];
        $curves = [];
        $lines = [];
        $heights = [];
        $span = null;
        $at = [0.0, 0.0];
        $numbers = [];
        foreach (preg_split('~\s+~', $text) ?: [] as $token) {
            if (is_numeric($token)) {
                $numbers[] = (float) $token;

                continue;
            }
            switch ($token) {
                case 'q': $stack[] = $matrix;
                    break;
                case 'Q': $matrix = array_pop($stack) ?? $matrix;
                    break;
                case 'cm': $matrix = self::times(array_slice($numbers, -6), $matrix);
                    break;
                case 'm': $at = self::placed($matrix, array_slice($numbers, -2));
                    $span = null;
                    break;
                case 'l':
                    $to = self::placed($matrix, array_slice($numbers, -2));
                    $lines[] = hypot($to[0] - $at[0], $to[1] - $at[1]) / self::POINTS_IN_MILLIMETRE;
                    $at = $to;
                    break;
                case 'c':
                    $to = self::placed($matrix, array_slice($numbers, -2));
                    $span = [min($span[0] ?? $at[0], $to[0]), max($span[1] ?? $at[0], $to[0])];
                    $curves[] = [$span[0] / self::POINTS_IN_MILLIMETRE, $span[1] / self::POINTS_IN_MILLIMETRE];
                    $at = $to;
                    break;
                case 're':
                    [, , $width, $height] = array_slice($numbers, -4) + [0.0, 0.0, 0.0, 0.0];
                    $heights[] = abs($height * $matrix[3]) / self::POINTS_IN_MILLIMETRE;
                    break;
            }
            $numbers = [];
        }

        return ['page' => [(float) $box[1] / self::POINTS_IN_MILLIMETRE, (float) $box[2] / self::POINTS_IN_MILLIMETRE], 'curves' => $curves, 'lines' => $lines, 'heights' => $heights];
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     * @return list<float>
     */
    private static function times(array $a, array $b): array
    {
        return [
            $a[0] * $b[0] + $a[1] * $b[2], $a[0] * $b[1] + $a[1] * $b[3],
            $a[2] * $b[0] + $a[3] * $b[2], $a[2] * $b[1] + $a[3] * $b[3],
            $a[4] * $b[0] + $a[5] * $b[2] + $b[4], $a[4] * $b[1] + $a[5] * $b[3] + $b[5],
        ];
    }

    /**
     * @param list<float> $matrix
     * @param list<float> $point
     * @return array{float, float}
     */
    private static function placed(array $matrix, array $point): array
    {
        return [$point[0] * $matrix[0] + $point[1] * $matrix[2] + $matrix[4], $point[0] * $matrix[1] + $point[1] * $matrix[3] + $matrix[5]];
    }
}
