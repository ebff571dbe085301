<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Pantry\Role;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use StoneMill\Tests\Seeded;

/** Thousands of formulas nobody would make: each is planned in finite numbers or refused by name. */
final class FuzzTest extends TestCase
{
    private const CASES = 2_000;

    /** @var list<mixed> what no cook means */
    private const NONSENSE = [-1, 0, 1e12, 'two', null, [], true, ['a' => 1], NAN, INF, '', "\xff", 1e-9];

    /** @var array{list<string>, list<string>}|null */
    private static ?array $names = null;

    public function test_no_formula_gets_anything_but_a_plan_or_a_named_refusal(): void
    {
        $seeded = new Seeded(20_26);
        $planned = 0;
        $refused = 0;
        for ($case = 0; $case < self::CASES; $case++) {
            try {
                $request = self::request($seeded, $case % 4 === 0);
                // Every tenth goes through the griddle's model too.
                $plan = $case % 10 === 1 ? Bench::planOf($request) : Bench::sketchOf($request);
                $planned++;
                $lines = array_sum(array_map(static fn ($row): float => $row->line->grams, $plan->dough->ledger->rows));
                self::assertEqualsWithDelta($plan->portions->mixedGrams, $lines + $plan->dough->pour->grams, 1e-5);
                // Every tenth is told whole: no number in it may be missing or endless.
                if ($case % 10 === 1) {
                    json_encode(PlanDocument::of($plan)->json, JSON_THROW_ON_ERROR);
                }
            } catch (InvalidInput $refusal) {
                $refused++;
                foreach ($refusal->errors as $error) {
                    self::assertNotSame('', $error->path.$error->message.$error->limit);
                }
            }
        }
        self::assertGreaterThan(self::CASES / 4, $planned);
        self::assertGreaterThan(self::CASES / 20, $refused);
    }

    /** @return array<string, mixed> */
    private static function request(Seeded $seeded, bool $spoilt): array
    {
        $request = [
            'style' => self::oneOf(Bench::reference()->styles->ids(), $seeded),
            'formula' => ['lines' => self::lines($seeded)],
            'room' => ['celsius' => $seeded->between(0, 45), 'relative_humidity' => $seeded->between(5, 95)],
            'water' => $seeded->one([[], ['celsius' => $seeded->between(0, 100)], ['dough_celsius' => $seeded->between(0, 100)], ['hydration_percent' => $seeded->between(0, 400)], ['pot_share' => $seeded->between(0, 1), 'bowl_celsius' => $seeded->between(0, 100), 'tap_celsius' => $seeded->between(1, 50)]]),
            'pieces' => $seeded->one([[], ['count' => $seeded->int(1, 200)], ['grams_each' => $seeded->between(15, 300)], ['diameter_mm' => $seeded->between(60, 400)]]),
        ];
        if ($seeded->int(0, 4) === 0) {
            $request['formula']['texture'] = $seeded->one(['batter', 'soft', 'press', 'pat', 'roll']);
        }
        if ($seeded->int(0, 5) === 0) {
            $request['formula']['scale'] = $seeded->one([['flour_grams' => $seeded->between(1, 5000)], ['dough_grams' => $seeded->between(5, 9000)]]);
        }

        return $spoilt ? self::spoilt($request, $seeded) : $request;
    }

    /** @param list<string> $of */
    private static function oneOf(array $of, Seeded $seeded): string
    {
        return $of[$seeded->int(0, count($of) - 1)];
    }

    /** @return array{list<string>, list<string>} flours and what is none */
    private static function names(): array
    {
        $flours = [];
        $others = [];
        foreach (Bench::reference()->catalogue->all() as $one) {
            if ($one->role !== Role::Water && $one->role !== Role::Kernel) {
                $one->role->isFlourBase() ? $flours[] = $one->id : $others[] = $one->id;
            }
        }

        return [$flours, $others];
    }

    /** @return list<array<string, mixed>> */
    private static function lines(Seeded $seeded): array
    {
        [$flours, $others] = self::$names ??= self::names();
        $lines = [];
        $measure = $seeded->one(['grams', 'percent', 'volume']);
        $left = 100.0;
        for ($count = $seeded->int(1, 4); $count > 0; $count--) {
            $share = $count === 1 ? $left : $seeded->between(1, $left - $count);
            $left -= $share;
            $lines[self::oneOf($flours, $seeded)] = $share;
        }
        for ($count = $seeded->int(0, 6); $count > 0; $count--) {
            $lines[self::oneOf($others, $seeded)] = $seeded->between(0.1, 60);
        }

        return array_map(static fn (string $id, float $amount): array => [
            'ingredient' => $id,
            ...($measure === 'volume' ? ['volume' => ['amount' => $amount, 'unit' => 'tablespoon_metric']] : [$measure => $measure === 'grams' ? 4 * $amount : $amount]),
            ...($seeded->int(0, 6) === 0 ? ['grind' => 'home_coarse'] : []),
        ], array_keys($lines), array_values($lines));
    }

    /**
     * @param array<string, mixed> $request
     * @return array<string, mixed>
     */
    private static function spoilt(array $request, Seeded $seeded): array
    {
        $nonsense = $seeded->one(self::NONSENSE);
        $field = $seeded->one(['style', 'formula', 'room', 'water', 'pieces', 'lots', 'hands', 'serve_at', 'own_ingredients', 'purpose', 'budget', 'rise', 'made_up']);
        if ($seeded->int(0, 1) === 0) {
            return [...$request, $field => $nonsense];
        }
        $formula = Said::at($request, 'formula')->fields();
        [$line, $others] = [Said::at($formula, 'lines.0')->fields(), array_slice(Said::at($formula, 'lines')->all(), 1)];

        return [...$request, 'formula' => [...$formula, 'lines' => [[...$line, $seeded->one(['grams', 'percent', 'ingredient', 'grind', 'lot']) => $nonsense], ...$others]]];
    }
}
