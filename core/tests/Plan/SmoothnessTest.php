<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Plan\BatchPlan;
use StoneMill\Style\Style;
use StoneMill\Tests\Bench;

/** A little more of anything changes every printed number by a little: no step hides in a rule. */
final class SmoothnessTest extends TestCase
{
    /** Share of its scale that a number may move by for a step of 1 %. */
    private const MOST = 0.04;

    private const HOT_STEPS = 12;

    private const STEPS = 30;

    /** What a number is measured against at least: seconds of a touch, minutes, points, shares of a whole. */
    private const SCALES = ['touch' => 12.0, 'minutes' => 30.0, 'index' => 60.0, 'swollen' => 1.0, 'shade' => 0.5, 'mix' => 30.0, 'loss' => 5.0, 'piece' => 1.0];

    /** @return iterable<string, array{Style, string}> */
    public static function hotInputs(): iterable
    {
        foreach (Bench::reference()->styles->all() as $style) {
            yield "{$style->id} thicker" => [$style, 'thickness'];
            yield "{$style->id} hotter" => [$style, 'heat'];
        }
    }

    /** @return iterable<string, array{Style, string}> */
    public static function doughInputs(): iterable
    {
        foreach (Bench::reference()->styles->all() as $style) {
            foreach (['water', 'pot', 'fat', 'humidity', 'count'] as $input) {
                yield "{$style->id} $input" => [$style, $input];
            }
        }
    }

    #[DataProvider('hotInputs')]
    public function test_turns_and_colours_follow_heat_and_thickness_without_a_jump(Style $style, string $input): void
    {
        [$from, $to] = $input === 'thickness'
            ? [max(1.0, 0.6 * $style->thicknessBand->low), min(25.0, 2 * $style->thicknessBand->high)]
            : [max(140.0, $style->baking->surfaceCelsius->low - 30), min(280.0, $style->baking->surfaceCelsius->high + 40)];
        $value = static fn (int $step): float => $from * ($to / $from) ** ($step / self::HOT_STEPS);
        // 1 % of the thickness, and of the hundred kelvin or more by which a griddle is hotter than boiling water.
        $steps = static fn (float $at, float $next): float => $input === 'thickness' ? log($next / $at) / log(1.01) : $next - $at;
        $this->assertNoJump($style, $input, array_map($value, range(0, self::HOT_STEPS)), $steps, Bench::planOf(...));
    }

    #[DataProvider('doughInputs')]
    public function test_water_warmth_and_binding_follow_what_they_depend_on_without_a_jump(Style $style, string $input): void
    {
        [$from, $to] = match ($input) {
            'water' => [5.0, 100.0],
            'pot' => [0.0, 1.0],
            'fat' => [0.3, 30.0],
            'humidity' => [20.0, 80.0],
            default => [10.0, 60.0],
        };
        $values = array_map(static fn (int $step): float => $from + ($to - $from) * $step / self::STEPS, range(0, self::STEPS));
        // 1 % of what it is, and of a quarter of its range where it is less.
        $this->assertNoJump($style, $input, $values, static fn (float $at, float $next): float => 100 * ($next - $at) / max($next, ($to - $from) / 4), Bench::sketchOf(...));
    }

    /**
     * @param list<float> $values
     * @param callable(float, float): float $steps how many steps of 1 % lie between two of them
     * @param callable(mixed): BatchPlan $plan
     */
    private function assertNoJump(Style $style, string $input, array $values, callable $steps, callable $plan): void
    {
        $before = null;
        foreach ($values as $index => $value) {
            $now = self::numbers($plan(self::request($style, $input, $value)), $input, $value);
            if ($before !== null) {
                $this->assertClose("{$style->id} $input", $values[$index - 1], $value, $steps($values[$index - 1], $value), $before, $now, $input === 'count' ? 1.01 / $value : 1.01);
            }
            $before = $now;
        }
    }

    /**
     * @param array<string, float> $before
     * @param array<string, float> $after
     */
    private function assertClose(string $what, float $at, float $next, float $steps, array $before, array $after, float $gram): void
    {
        foreach ($after as $name => $value) {
            $kind = strtok($name, ' ');
            // Water is poured and weighed to the gram, a piece to half of one.
            $grain = ['water' => $gram, 'piece' => 0.51][$kind] ?? 0.0;
            $scale = max(abs($value), abs($before[$name]), self::SCALES[$kind] ?? 1.0);
            self::assertLessThanOrEqual(
                self::MOST * $scale * max(1.0, $steps) + $grain,
                abs($value - $before[$name]),
                sprintf('%s: %s from %.4f to %.4f: %.4f becomes %.4f', $what, $name, $at, $next, $before[$name], $value),
            );
        }
    }

    /** @return array<string, mixed> */
    private static function request(Style $style, string $input, float $value): array
    {
        return ['style' => $style->id, ...match ($input) {
            'thickness' => ['pieces' => ['thickness_mm' => $value, 'diameter_mm' => 140]],
            'heat' => ['griddle' => ['surface_celsius' => $value]],
            'water' => ['water' => ['celsius' => $value]],
            'pot' => ['water' => ['pot_share' => $value]],
            'fat' => ['formula' => ['lines' => [...$style->formula, ['ingredient' => 'ghee', 'percent' => $value]]]],
            'humidity' => ['room' => ['celsius' => 22, 'relative_humidity' => $value]],
            default => ['pieces' => ['count' => (int) round($value)]],
        }];
    }

    /** @return array<string, float> */
    private static function numbers(BatchPlan $plan, string $input, float $value): array
    {
        $pieces = $input === 'count' ? round($value) : 1.0;
        $numbers = [
            'water' => $plan->dough->pour->grams / $pieces,
            'water first' => $plan->dough->pour->firstGrams / $pieces,
            'mix' => $plan->dough->mixCelsius,
            'swollen' => $plan->dough->ledger->swollenShare(),
            'index' => $plan->dough->ledger->bindingIndex(),
            'minutes' => $plan->dough->handWarmMinutes->value,
            'piece' => $plan->portions->pieceGrams(),
            'loss' => $plan->turns->weightLossPercent->value,
            'served' => $plan->turns->lift->atSeconds + $plan->turns->finishSeconds,
        ];
        foreach ($plan->turns->touches() as $index => $touch) {
            $numbers["touch $index"] = $touch->atSeconds;
            $numbers["touch $index from"] = $touch->fromSeconds;
            $numbers["touch $index to"] = $touch->toSeconds;
        }
        foreach ($plan->turns->faces as $face) {
            $numbers["shade {$face->name}"] = $face->shade;
        }

        return $numbers;
    }
}
