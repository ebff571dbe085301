<?php

declare(strict_types=1);

namespace App\Providers;

use App\Cache\KeptAfterwards;
use App\Cache\MemorySlots;
use App\Database\KitchenConnector;
use App\Database\KitchenDoor;
use App\Http\Controllers\AskController;
use App\Http\KeptSessions;
use Illuminate\Contracts\Cache\Factory;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\RememberingTurnPlanner;
use StoneMill\Griddle\TurnPlanner;
use StoneMill\Measure\Memory;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;

final class MillServiceProvider extends ServiceProvider
{
    /** How long a request waits while the kitchen's file is replaced. */
    private const DOOR_PATIENCE_SECONDS = 5.0;

    private const BAKES_KEPT = 1024;

    private const ANSWERS_KEPT = 128;

    public function register(): void
    {
        $this->app->singleton(Reference::class, self::reference(...));
        $this->app->singleton(Memory::class, static fn (Application $app): Memory => self::memory($app, self::BAKES_KEPT));
        $this->app->when(AskController::class)->needs(Memory::class)->give(static fn (Application $app): Memory => self::memory($app, self::ANSWERS_KEPT));
        $this->app->singleton(TurnPlanner::class, static fn (Application $app): TurnPlanner => new RememberingTurnPlanner(new ModelTurnPlanner, $app->make(Memory::class)));
        $this->app->singleton(Planner::class);
        $this->app->singleton(KitchenDoor::class, static fn (): KitchenDoor => new KitchenDoor(self::DOOR_PATIENCE_SECONDS));
        $this->app->bind('db.connector.sqlite', KitchenConnector::class);
    }

    public function boot(): void
    {
        $this->writePrivately();
        $this->leaveTheDoor();
        $this->keepSessions();
        $this->refuseSilentMistakes();
    }

    /** A server reads compiled facts; anything else those of core/data, which are never out of date. */
    private static function reference(): Reference
    {
        $compiled = config('mill.facts');

        return is_string($compiled) && is_file($compiled) ? Reference::compiled($compiled) : Reference::shipped();
    }

    /** A server remembers for as long as it runs: the next may have other rules. */
    private static function memory(Application $app, int $slots): Memory
    {
        return new Memory(is_string(config('cache.stores.memory.path')) ? new KeptAfterwards(new MemorySlots($app->make(Factory::class)->store('memory'), $slots), $app) : null);
    }

    /** Database, log, sessions and copies are read by nobody but the one who runs this. */
    private function writePrivately(): void
    {
        umask(0077);
    }

    /** The last connection to close tidies up beside the file, which must not happen once somebody else has it alone. */
    private function leaveTheDoor(): void
    {
        if ($this->app->runningUnitTests()) {
            return;
        }
        $door = $this->app->make(KitchenDoor::class);
        register_shutdown_function(static function () use ($door): void {
            DB::disconnect();
            $door->leave();
        });
    }

    private function keepSessions(): void
    {
        Session::extend('kitchen', static fn (Application $app): KeptSessions => new KeptSessions($app->make(ConnectionInterface::class), 60 * $app->make('config')->integer('session.lifetime')));
    }

    private function refuseSilentMistakes(): void
    {
        Model::shouldBeStrict();
    }
}
