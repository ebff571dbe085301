<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Griddle\TurnPlanner;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;

final class MillServiceProvider extends ServiceProvider
{
    private const SIGN_INS_PER_MINUTE = 5;

    public function register(): void
    {
        $this->app->singleton(Reference::class, static fn (): Reference => Reference::shipped());
        $this->app->bind(TurnPlanner::class, StyleTurnPlanner::class);
        $this->app->singleton(Planner::class);
    }

    public function boot(): void
    {
        $this->refuseSilentMistakes();
        $this->slowDownGuessing();
    }

    private function refuseSilentMistakes(): void
    {
        Model::shouldBeStrict();
    }

    private function slowDownGuessing(): void
    {
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(self::SIGN_INS_PER_MINUTE)->by('name:'.mb_strtolower((string) json_encode($request->input('name')))),
            Limit::perMinute(4 * self::SIGN_INS_PER_MINUTE)->by('address:'.$request->ip()),
        ]);
    }
}
