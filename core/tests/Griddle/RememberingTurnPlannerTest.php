<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Griddle\Laying;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\RememberingTurnPlanner;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Griddle\TurnPlanner;
use StoneMill\Measure\Memory;
use StoneMill\Measure\MemoryStore;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/** A bread that was baked on the same metal before need not be baked again, and nobody can tell the difference. */
final class RememberingTurnPlannerTest extends TestCase
{
    public function test_every_style_is_planned_to_the_byte_as_without_a_memory_and_baked_only_once(): void
    {
        $reference = Reference::shipped();
        $memory = self::memory();
        $first = new Planner($reference, new RememberingTurnPlanner(new ModelTurnPlanner, $memory), memory: $memory);
        $later = new Planner($reference, new RememberingTurnPlanner(self::planWithoutHands(), $memory), memory: $memory);
        $plain = new Planner($reference, new ModelTurnPlanner);
        foreach ($reference->styles->all() as $style) {
            $request = PlanRequest::read(['style' => $style->id], $reference);
            $written = json_encode(PlanDocument::of($plain->plan($request))->json, JSON_THROW_ON_ERROR);
            self::assertSame($written, json_encode(PlanDocument::of($first->plan($request))->json, JSON_THROW_ON_ERROR), $style->id);
            self::assertSame($written, json_encode(PlanDocument::of($later->plan($request))->json, JSON_THROW_ON_ERROR), $style->id);
            self::assertEquals($plain->settled($request), $first->settled($request), $style->id);
        }
    }

    public function test_another_hour_or_another_cook_bakes_nothing_anew_but_another_thickness_does(): void
    {
        $reference = Reference::shipped();
        $memory = self::memory();
        $request = static fn (array $more): PlanRequest => PlanRequest::read(['style' => 'millet-round', ...$more], $reference);
        (new Planner($reference, new RememberingTurnPlanner(new ModelTurnPlanner, $memory), memory: $memory))->plan($request([]));
        $later = new Planner($reference, new RememberingTurnPlanner(self::planWithoutHands(), $memory), memory: $memory);
        self::assertGreaterThan(0, $later->plan($request(['hands' => 2, 'serve_at' => '2026-03-01T12:30:00+00:00']))->turns->lift->atSeconds);

        $this->expectExceptionMessage('baked again');
        $later->plan($request(['pieces' => ['thickness_mm' => 3.3]]));
    }

    public function test_times_of_ones_own_are_laid_in_the_remembered_stride(): void
    {
        $reference = Reference::shipped();
        $request = PlanRequest::read(['style' => 'millet-round', 'griddle' => ['own' => ['touches' => [['action' => 'turn', 'at_seconds' => 40], ['action' => 'lift', 'at_seconds' => 120]]]]], $reference);
        $memory = self::memory();
        $first = (new Planner($reference, new RememberingTurnPlanner(new ModelTurnPlanner, $memory), memory: $memory))->plan($request);
        $later = (new Planner($reference, new RememberingTurnPlanner(self::planWithoutHands(), $memory), memory: $memory))->plan($request);
        self::assertSame(json_encode(PlanDocument::of($first)->json), json_encode(PlanDocument::of($later)->json));
        self::assertEqualsWithDelta(120, $later->turns->lift->atSeconds, 1e-9);
    }

    private static function memory(): Memory
    {
        return new Memory(new class implements MemoryStore {
            /** @var array<string, string> written as a cache would write it */
            private array $kept = [];

            public function recall(string $key, string $kind): ?object
            {
                $value = unserialize($this->kept["$kind $key"] ?? 'N;');

                return $value instanceof $kind ? $value : null;
            }

            public function keep(string $key, object $value): void
            {
                $this->kept[$value::class.' '.$key] = serialize($value);
            }
        });
    }

    /** A planner that must not be asked. */
    private static function planWithoutHands(): TurnPlanner
    {
        return new class implements TurnPlanner {
            public function plan(Laying $laying): TurnPlan
            {
                throw new \LogicException('It was baked again.');
            }

            public function settled(Laying $laying): Laying
            {
                throw new \LogicException('It was baked again.');
            }
        };
    }
}
