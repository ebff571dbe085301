<?php

declare(strict_types=1);

use App\Http\Controllers\CalendarController;
use App\Http\Controllers\PageController;
use App\Http\Controllers\PrintGuideController;
use App\Http\Controllers\RunSheetController;
use Illuminate\Support\Facades\Route;

Route::get('guides/ring', PrintGuideController::class)->middleware('auth');
Route::get('batches/{batch}/timeline.ics', CalendarController::class)->middleware('auth');
Route::get('batches/{batch}/run-sheet.{form}', RunSheetController::class)->whereIn('form', ['pdf', 'txt'])->middleware('auth');
Route::get('{any?}', PageController::class)->where('any', '(?!api/|build/).*')->name('login');
