<?php

declare(strict_types=1);

use App\Http\Controllers\CalendarController;
use App\Http\Controllers\PageController;
use App\Http\Controllers\PrintGuideController;
use App\Http\Controllers\RunSheetController;
use App\Http\Controllers\UpController;
use Illuminate\Support\Facades\Route;

Route::get('up', UpController::class);
Route::get('guides/ring', PrintGuideController::class)->middleware('auth');
Route::get('batches/{batch}/timeline.ics', CalendarController::class)->middleware('auth');
Route::get('batches/{batch}/run-sheet.{form}', RunSheetController::class)->whereIn('form', ['pdf', 'txt'])->middleware('auth');

// The page knows its way from here; an address that is none of these is answered with the page and 404.
Route::get('/', PageController::class)->name('login');
foreach (['breads/{bread?}', 'larder', 'grain', 'hearth', 'practice', 'record/{batch?}', 'batch/{batch}/{stage?}', 'sign-in', 'first-run'] as $place) {
    Route::get($place, PageController::class);
}
Route::fallback(PageController::class);
