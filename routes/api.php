<?php

declare(strict_types=1);

use App\Http\Controllers\JudgeBatchController;
use App\Http\Controllers\ListBatchesController;
use App\Http\Controllers\OpenKitchenController;
use App\Http\Controllers\PingController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\RecordEventsController;
use App\Http\Controllers\ReplanBatchController;
use App\Http\Controllers\ShowBatchController;
use App\Http\Controllers\ShowKitchenController;
use App\Http\Controllers\ShowSessionController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SignOutController;
use App\Http\Controllers\StartBatchController;
use Illuminate\Support\Facades\Route;

Route::get('session', ShowSessionController::class);
Route::post('session', SignInController::class);
Route::delete('session', SignOutController::class);
Route::post('kitchens', OpenKitchenController::class);

Route::middleware('auth')->group(static function (): void {
    Route::get('ping', PingController::class);
    Route::post('plan', PlanController::class);
    Route::get('kitchen', ShowKitchenController::class);
    Route::get('batches', ListBatchesController::class);
    Route::post('batches', StartBatchController::class);
    Route::get('batches/{batch}', ShowBatchController::class);
    Route::patch('batches/{batch}', ReplanBatchController::class);
    Route::post('batches/{batch}/events', RecordEventsController::class);
    Route::put('batches/{batch}/verdict', JudgeBatchController::class);
});
