<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Griddle\TurnPlanner;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;

final class MillServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Reference::class, static fn (): Reference => Reference::shipped());
        $this->app->bind(TurnPlanner::class, StyleTurnPlanner::class);
        $this->app->singleton(Planner::class);
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
