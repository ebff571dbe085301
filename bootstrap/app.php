<?php

declare(strict_types=1);

use App\Http\Middleware\KnownHostOnly;
use App\Http\Middleware\SameOriginOnly;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\TellTime;
use App\Problems\Problems;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        using: static function (): void {
            Route::prefix('api/v1')->middleware('web')->group(__DIR__.'/../routes/api.php');
            Route::middleware('web')->group(__DIR__.'/../routes/web.php');
        },
    )
    ->withCommands([__DIR__.'/../app/Console'])
    // Where `php artisan schedule:run` is called each minute, as cron does.
    ->withSchedule(static function (Schedule $schedule): void {
        $schedule->command('mill:backup')->dailyAt('03:30')->withoutOverlapping();
    })
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->prepend([SecurityHeaders::class, TellTime::class, KnownHostOnly::class, SameOriginOnly::class]);
        // Writes are known to be the application's own by where they come from (SameOriginOnly), so that nobody who has not signed
        // in needs a session; and no page is made on the server that could show errors.
        $middleware->web(remove: [ValidateCsrfToken::class, ShareErrorsFromSession::class]);
        // Bodies are read as they were sent (Body), addresses by Address; nobody else's pages may ask anything.
        $middleware->remove([TrimStrings::class, ConvertEmptyStringsToNull::class, HandleCors::class]);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(static fn (Exceptions $exceptions) => Problems::register($exceptions))
    ->create();
