<?php

declare(strict_types=1);

namespace App\Providers;

use App\CompiledCore;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;
use StoneMill\Griddle\TurnPlanner;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;

final class MillServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Reference::class, self::reference(...));
        $this->app->bind(TurnPlanner::class, CompiledCore::class);
        $this->app->singleton(Planner::class);
    }

    /** A server reads compiled facts; anything else those of core/data, which are never out of date. */
    private static function reference(): Reference
    {
        $compiled = (string) config('mill.facts');

        return $compiled !== '' && is_file($compiled) ? Reference::from(require $compiled) : Reference::shipped();
    }

    public function boot(): void
    {
        $this->refuseSilentMistakes();
    }

    private function refuseSilentMistakes(): void
    {
        Model::shouldBeStrict();
    }
}
