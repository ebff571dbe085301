<?php

declare(strict_types=1);

use App\Http\Controllers\PageController;
use App\Http\Controllers\PrintGuideController;
use Illuminate\Support\Facades\Route;

Route::get('guides/ring', PrintGuideController::class)->middleware('auth');
Route::get('{any?}', PageController::class)->where('any', '(?!api/|build/).*')->name('login');
