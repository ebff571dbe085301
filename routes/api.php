<?php

declare(strict_types=1);

use App\Http\Controllers\AnswerRiddleController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\AskController;
use App\Http\Controllers\BeginTrialController;
use App\Http\Controllers\DecideTrialController;
use App\Http\Controllers\DeletePhotoController;
use App\Http\Controllers\DiscardBatchController;
use App\Http\Controllers\FindCausesController;
use App\Http\Controllers\JudgeBatchController;
use App\Http\Controllers\KeepCalibrationController;
use App\Http\Controllers\KeepGearController;
use App\Http\Controllers\KeepKitchenController;
use App\Http\Controllers\KeepLotController;
use App\Http\Controllers\KeepOwnIngredientController;
use App\Http\Controllers\KeepPhotoController;
use App\Http\Controllers\LeaveOutController;
use App\Http\Controllers\ListBatchesController;
use App\Http\Controllers\ListTrialsController;
use App\Http\Controllers\NewBreadController;
use App\Http\Controllers\OpenKitchenController;
use App\Http\Controllers\PingController;
use App\Http\Controllers\PrepareBatchController;
use App\Http\Controllers\ReadShadeController;
use App\Http\Controllers\RecordEventsController;
use App\Http\Controllers\RenameBreadController;
use App\Http\Controllers\ReplanBatchController;
use App\Http\Controllers\SaveRevisionController;
use App\Http\Controllers\ShowBatchController;
use App\Http\Controllers\ShowBreadController;
use App\Http\Controllers\ShowCatalogueController;
use App\Http\Controllers\ShowDayController;
use App\Http\Controllers\ShowKitchenController;
use App\Http\Controllers\ShowNewsController;
use App\Http\Controllers\ShowPhotoController;
use App\Http\Controllers\ShowRiddlesController;
use App\Http\Controllers\ShowSessionController;
use App\Http\Controllers\ShowSettlingController;
use App\Http\Controllers\ShowTrialController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SignOutController;
use App\Http\Controllers\StartBatchController;
use App\Http\Controllers\StartTrialBatchController;
use App\Http\Middleware\OwnShareOnly;
use App\Models\Bread;
use App\Models\Gear;
use App\Models\Lot;
use Illuminate\Support\Facades\Route;
use StoneMill\Ask\Question;

Route::get('session', ShowSessionController::class);
Route::post('session', SignInController::class);
Route::delete('session', SignOutController::class);
Route::post('kitchens', OpenKitchenController::class);

Route::middleware('auth')->group(static function (): void {
    Route::get('ping', PingController::class);
    // What has to be worked out: nobody gets more than a share of the house for it.
    Route::middleware(OwnShareOnly::class)->group(static function (): void {
        foreach (Question::cases() as $question) {
            Route::post($question->value, AskController::class);
        }
        Route::post('breads', NewBreadController::class);
        Route::post('breads/{bread}/revisions', SaveRevisionController::class);
        Route::get('breads/{bread}/prepared', PrepareBatchController::class);
        Route::post('batches', StartBatchController::class);
        Route::patch('batches/{batch}', ReplanBatchController::class);
        Route::post('batches/{batch}/causes', FindCausesController::class);
        Route::post('riddles', AnswerRiddleController::class);
        Route::post('trials', BeginTrialController::class);
        Route::get('trials/{trial}', ShowTrialController::class);
        Route::post('trials/{trial}/batches', StartTrialBatchController::class);
        Route::put('trials/{trial}/decision', DecideTrialController::class);
    });
    Route::get('catalogue', ShowCatalogueController::class);
    Route::get('kitchen', ShowKitchenController::class);
    Route::patch('kitchen', KeepKitchenController::class);
    Route::get('lots/{lot}/settling', ShowSettlingController::class);
    Route::put('lots/{lot}', KeepLotController::class);
    Route::put('breads/{bread}/archived', ArchiveController::class)->defaults('kind', Bread::class);
    Route::put('lots/{lot}/archived', ArchiveController::class)->defaults('kind', Lot::class);
    Route::put('gear/{tool}/archived', ArchiveController::class)->defaults('kind', Gear::class);
    Route::put('gear/{gear}', KeepGearController::class);
    Route::put('calibrations/{calibration}', KeepCalibrationController::class);
    Route::put('ingredients/{ingredient}', KeepOwnIngredientController::class);
    Route::get('breads/{bread}', ShowBreadController::class);
    Route::patch('breads/{bread}', RenameBreadController::class);
    Route::get('trials', ListTrialsController::class);
    Route::get('riddles', ShowRiddlesController::class);
    Route::get('batches', ListBatchesController::class);
    Route::get('batches/{batch}', ShowBatchController::class);
    Route::get('batches/{batch}/news', ShowNewsController::class);
    Route::get('day', ShowDayController::class);
    Route::post('batches/{batch}/events', RecordEventsController::class);
    Route::put('batches/{batch}/verdict', JudgeBatchController::class);
    Route::put('batches/{batch}/lesson', LeaveOutController::class);
    Route::put('batches/{batch}/discarded', DiscardBatchController::class);
    Route::get('batches/{batch}/photos/{photo}', ShowPhotoController::class);
    Route::delete('batches/{batch}/photos/{photo}', DeletePhotoController::class);
    Route::middleware(OwnShareOnly::class)->group(static function (): void {
        Route::put('batches/{batch}/photos/{photo}', KeepPhotoController::class);
        Route::post('batches/{batch}/photos/{photo}/shade', ReadShadeController::class);
    });
});
