<?php

declare(strict_types=1);

use App\Http\Controllers\CalendarController;
use App\Http\Controllers\ExportKitchenController;
use App\Http\Controllers\ExportRecipeController;
use App\Http\Controllers\ExportTableController;
use App\Http\Controllers\FollowCalendarController;
use App\Http\Controllers\PageController;
use App\Http\Controllers\PrintGuideController;
use App\Http\Controllers\RecipeCardController;
use App\Http\Controllers\RunSheetController;
use App\Http\Controllers\UpController;
use Illuminate\Support\Facades\Route;

Route::get('up', UpController::class);
Route::get('guides/ring', PrintGuideController::class)->middleware('auth');
Route::get('batches/{batch}/timeline.ics', CalendarController::class)->middleware('auth');
Route::get('batches/{batch}/run-sheet.{form}', RunSheetController::class)->whereIn('form', ['pdf', 'txt'])->middleware('auth');
Route::get('breads/{bread}/recipe-card.pdf', RecipeCardController::class)->middleware('auth');
Route::get('breads/{bread}/recipe.jsonld', ExportRecipeController::class)->middleware('auth');
Route::get('calendars/{secret}.ics', FollowCalendarController::class);
Route::get('exports/kitchen.zip', ExportKitchenController::class)->middleware('auth');
Route::get('exports/{kind}/{id}.zip', ExportKitchenController::class)->whereIn('kind', ['breads', 'batches', 'trials', 'lots'])->middleware('auth');
Route::get('exports/{table}.csv', ExportTableController::class)->whereIn('table', array_keys(ExportTableController::TABLES))->middleware('auth');

// The page knows its way from here; an address that is none of these is answered with the page and 404. Which part of it an address
// shows is said here too, so that a browser fetches that part with the page and not after it.
foreach ([
    '/' => 'places/Today.vue',
    'breads' => 'places/breads/Breads.vue',
    'breads/in-words' => 'places/breads/InWords.vue',
    'breads/{bread}' => 'places/breads/FormulaBench.vue',
    'breads/{bread}/label' => 'places/breads/LabelSheet.vue',
    'larder' => 'places/larder/Larder.vue',
    'larder/sheet' => 'places/larder/BagsFromSheet.vue',
    'grain' => 'places/larder/FromTheGrain.vue',
    'hearth' => 'places/hearth/Hearth.vue',
    'practice' => 'places/practice/Practice.vue',
    'record' => 'places/record/Record.vue',
    'record/compare' => 'places/record/CompareBatches.vue',
    'record/sheet' => 'places/record/BatchesFromSheet.vue',
    'record/{batch}' => 'places/record/MadeBatch.vue',
    'trials' => 'places/trials/Trials.vue',
    'trials/table' => 'places/trials/TrialTable.vue',
    'trials/{trial}' => 'places/trials/TrialPage.vue',
    'batch/{batch}/{stage?}' => 'stages/BatchPage.vue',
    'people' => 'places/people/People.vue',
    'you' => 'places/people/You.vue',
    'join/{secret}' => 'places/people/Join.vue',
    'sign-in' => 'places/SignIn.vue',
    'first-run' => 'places/FirstRun.vue',
    'away' => 'places/Away.vue',
] as $address => $part) {
    Route::get($address, PageController::class)->defaults('part', $part);
}
Route::fallback(PageController::class);
