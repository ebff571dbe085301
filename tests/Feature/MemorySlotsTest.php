<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Cache\MemorySlots;
use Illuminate\Support\Facades\Cache;
use LogicException;
use StoneMill\Ask\Desk;
use StoneMill\Ask\Question;
use StoneMill\Document\PlanDocument;
use StoneMill\Griddle\SteadyCycle;
use StoneMill\Griddle\TurnPlanner;
use StoneMill\Measure\Memory;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use Tests\TestCase;

/** What a running server has worked out is kept in so many slots beside it. */
final class MemorySlotsTest extends TestCase
{
    public function test_a_bake_comes_back_from_the_files_as_it_was_and_never_for_another_bread(): void
    {
        $folder = sys_get_temp_dir().'/'.uniqid('memory', true);
        config(['cache.stores.memory.path' => $folder]);
        $stride = $this->app->make(Planner::class)->settled(PlanRequest::read(['style' => 'millet-round'], Reference::shipped()))->stride;
        self::assertNotNull($stride);
        $slots = new MemorySlots(Cache::store('memory'), 1024);
        $key = str_repeat('a', 32);
        $slots->keep($key, $stride);
        self::assertEquals($stride, $slots->recall($key, SteadyCycle::class));
        self::assertNull($slots->recall('aaaaaaaa'.str_repeat('b', 24), SteadyCycle::class), 'another bread of the same slot');

        for ($bread = 0; $bread < 3000; $bread++) {
            $slots->keep(hash('xxh128', (string) $bread), $stride);
        }
        $files = iterator_count(new \RegexIterator(new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)), '/./'));
        self::assertLessThanOrEqual(1024, $files, 'a slider moved all day does not fill the disk');
        Cache::store('memory')->flush();
    }

    public function test_a_server_works_the_same_plan_out_once_and_a_command_remembers_nothing(): void
    {
        $request = PlanRequest::read(['style' => 'millet-round'], Reference::shipped());
        $plain = $this->app->make(Planner::class)->plan($request);
        self::assertNotSame($plain->turns, $this->app->make(Planner::class)->plan($request)->turns);
        foreach ([Memory::class, TurnPlanner::class, Planner::class] as $anew) {
            $this->app->forgetInstance($anew);
        }
        config(['cache.stores.memory' => ['driver' => 'array', 'serialize' => false, 'path' => 'nowhere']]);
        $planner = $this->app->make(Planner::class);
        $first = $planner->plan($request);
        $again = $planner->plan($request);
        $this->app->terminate();
        $later = $planner->plan($request);
        self::assertSame($first->turns, $again->turns);
        self::assertSame($first->line->timeline, $again->line->timeline);
        self::assertSame($first->turns, $later->turns, 'what was written down once the answer was on its way');
        self::assertSame(json_encode(PlanDocument::of($plain)->json), json_encode(PlanDocument::of($again)->json));
    }

    public function test_who_asks_the_same_again_gets_the_same_bytes_without_its_being_worked_out(): void
    {
        $this->cook();
        $request = ['style' => 'millet-round', 'pieces' => ['count' => 7]];
        $plain = json_encode($this->app->make(Desk::class)->answer(Question::Plan, $request));
        config(['cache.stores.memory' => ['driver' => 'array', 'serialize' => false, 'path' => 'nowhere']]);
        $first = $this->postJson('/api/v1/plan', $request);
        // Whoever had to work it out from here on would have nothing to do it with.
        $this->app->bind(Desk::class, static fn () => throw new LogicException('asked again'));
        $again = $this->postJson('/api/v1/plan', $request)->assertOk();
        self::assertSame($plain, $first->getContent());
        self::assertSame($plain, $again->getContent());
        self::assertSame($first->headers->get('Content-Type'), $again->headers->get('Content-Type'));
        $this->postJson('/api/v1/plan', ['style' => 'millet-round', 'pieces' => ['count' => 8]])->assertServerError();
    }
}
