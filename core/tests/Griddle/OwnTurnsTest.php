<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Griddle\Judgement;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\OwnTurns;
use StoneMill\Griddle\PlannedBake;
use StoneMill\Griddle\TurnWindow;
use StoneMill\School\TurnAction;
use StoneMill\Tests\Bench;

/** The cook's own times, and what is said of what came out. */
final class OwnTurnsTest extends TestCase
{
    public function test_the_model_s_own_times_give_the_model_s_own_bread(): void
    {
        $laying = Bench::laying(Bench::reference()->styles->style('pressed-masa'));
        $planned = (new ModelTurnPlanner)->bake($laying);
        $own = (new OwnTurns(array_map(static fn (TurnWindow $touch): array => ['action' => $touch->action, 'seconds' => $touch->atSeconds], $planned->touches), 0.0))->bake($laying);
        self::assertEqualsWithDelta($planned->work->bake->lossShare(), $own->work->bake->lossShare(), 0.002);
        self::assertEqualsWithDelta($planned->work->bake->centreCelsius(), $own->work->bake->centreCelsius(), 0.5);
    }

    /** @return iterable<string, array{float, float, list<array{TurnAction, float}>, string}> thickness, heat, touches, what is said */
    public static function mistakes(): iterable
    {
        yield 'turned at once' => [1.9, 230, [[TurnAction::Turn, 4], [TurnAction::Turn, 60], [TurnAction::Lift, 100]], 'sticks'];
        yield 'lifted too soon' => [3.5, 230, [[TurnAction::Turn, 20], [TurnAction::Lift, 34]], 'raw'];
        yield 'left for ever' => [1.9, 230, [[TurnAction::Turn, 25], [TurnAction::Lift, 260]], 'dry'];
        yield 'on glowing metal' => [2.2, 330, [[TurnAction::Turn, 20], [TurnAction::Lift, 75]], 'burnt'];
        yield 'never turned' => [1.9, 230, [[TurnAction::Lift, 20]], 'heavy'];
        yield 'pressed before it sealed' => [1.9, 230, [[TurnAction::Press, 20], [TurnAction::Turn, 60], [TurnAction::Lift, 95]], 'no-puff'];
        yield 'cold metal' => [1.9, 150, [[TurnAction::Turn, 40], [TurnAction::Turn, 90], [TurnAction::Lift, 150]], 'pale'];
    }

    /** @param list<array{TurnAction, float}> $touches */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_named(float $millimetres, float $celsius, array $touches, string $said): void
    {
        $baked = self::baked($millimetres, $celsius, $touches);
        $words = (new Judgement($baked))->words();
        self::assertContains($said, array_column($words, 'id'), json_encode($words, JSON_THROW_ON_ERROR));
        self::assertLessThan(100, (new Judgement($baked))->points());
    }

    public function test_good_times_are_not_found_fault_with(): void
    {
        $words = (new Judgement(self::baked(1.9, 240, [[TurnAction::Turn, 22], [TurnAction::Turn, 52], [TurnAction::Press, 68], [TurnAction::Lift, 88]])))->words();
        self::assertSame([], array_filter($words, static fn (array $word): bool => $word['harm']));
        self::assertContains('puffs', array_column($words, 'id'));
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function nonsense(): iterable
    {
        $touch = static fn (string $action, mixed $at): array => ['action' => $action, 'at_seconds' => $at];
        yield 'backwards' => [['touches' => [$touch('turn', 60), $touch('lift', 20)]], 'own.touches[1].at_seconds'];
        yield 'no lift' => [['touches' => [$touch('turn', 20)]], 'own.touches'];
        yield 'a lift in the middle' => [['touches' => [$touch('lift', 20), $touch('turn', 30), $touch('lift', 60)]], 'own.touches'];
        yield 'no touches' => [['touches' => []], 'own.touches'];
        yield 'flipped' => [['touches' => [$touch('flip', 20)]], 'own.touches[0].action'];
        yield 'next week' => [['touches' => [$touch('lift', 1e6)]], 'own.touches[0].at_seconds'];
        yield 'a finish below nothing' => [['touches' => [$touch('lift', 60)], 'finish_seconds' => -1], 'own.finish_seconds'];
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_its_place(mixed $own, string $path): void
    {
        try {
            Bench::ask('bake', ['request' => ['style' => 'pressed-masa'], 'own' => $own]);
            self::fail('Nonsense was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }

    public function test_own_times_become_the_plan_of_a_batch(): void
    {
        $touches = [['action' => 'turn', 'at_seconds' => 24], ['action' => 'turn', 'at_seconds' => 70], ['action' => 'lift', 'at_seconds' => 101]];
        $plan = Bench::planOf(['style' => 'pressed-masa', 'griddle' => ['own' => ['touches' => $touches]]]);
        self::assertSame([24.0, 70.0, 101.0], array_map(static fn (TurnWindow $touch): float => $touch->atSeconds, $plan->turns->touches()));
        foreach ($plan->turns->touches() as $touch) {
            self::assertLessThan($touch->atSeconds, $touch->fromSeconds);
            self::assertGreaterThan($touch->atSeconds, $touch->toSeconds);
        }
    }

    /** @param list<array{TurnAction, float}> $touches */
    private static function baked(float $millimetres, float $celsius, array $touches): PlannedBake
    {
        $list = array_map(static fn (array $touch): array => ['action' => $touch[0], 'seconds' => (float) $touch[1]], $touches);

        return (new OwnTurns($list === [] ? self::fail('There are no touches.') : $list, 0.0))->bake(Bench::laying(Bench::reference()->styles->style('pressed-masa'), null, $millimetres, $celsius));
    }
}
