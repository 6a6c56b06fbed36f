<?php

declare(strict_types=1);

use App\Http\Controllers\Rules\FindingsController;
use App\Http\Controllers\Rules\RotationController;
use App\Http\Controllers\Rules\RulebookController;
use App\Http\Controllers\Rules\RulebookFileController;
use App\Http\Controllers\Rules\RuleTableController;
use App\Http\Controllers\Rules\WhyController;
use App\Http\Controllers\Rules\WritersController;
use App\Http\Controllers\Sweeps\SweepController;
use App\Http\Controllers\Sweeps\SweepRunController;
use Illuminate\Support\Facades\Route;

// The rules of the house, and what is done with many tasks at once.
Route::middleware('auth')->group(static function (): void {
    Route::get('rulebook', [RulebookController::class, 'show']);
    Route::get('rulebook/rules', [RulebookController::class, 'rules']);
    Route::put('rulebook/writers', WritersController::class);
    Route::put('rulebook/draft', [RulebookController::class, 'saveDraft']);
    Route::delete('rulebook/draft', [RulebookController::class, 'discardDraft']);
    Route::post('rulebook/publish', [RulebookController::class, 'publish']);
    Route::get('rulebook/coverage', [RulebookController::class, 'coverage']);
    Route::get('rulebook/burden', [RulebookController::class, 'burden']);
    Route::get('rulebook/merged', [RulebookController::class, 'merged']);
    Route::get('rulebook/try', [RulebookController::class, 'tried']);
    Route::get('rulebook/why', [WhyController::class, '__invoke']);
    Route::get('rulebook/rotations', [RotationController::class, 'show']);
    Route::post('rulebook/rotations', [RotationController::class, 'correct']);
    Route::get('rulebook/sweeps', [SweepController::class, 'index']);
    Route::get('rulebook/sweeps/offered', [SweepController::class, 'offered']);
    Route::post('rulebook/sweeps', [SweepController::class, 'store']);
    Route::put('rulebook/sweeps/{sweep}', [SweepController::class, 'update']);
    Route::delete('rulebook/sweeps/{sweep}', [SweepController::class, 'remove']);
    Route::post('rulebook/sweep-runs', [SweepRunController::class, 'store']);
    Route::get('rulebook/sweep-runs/{run}', [SweepRunController::class, 'show']);
    Route::get('rulebook/sweep-runs/{run}/progress', [SweepRunController::class, 'progress']);
    Route::put('rulebook/sweep-runs/{run}/tasks', [SweepRunController::class, 'choose']);
    Route::post('rulebook/sweep-runs/{run}/carry-out', [SweepRunController::class, 'carryOut']);
    Route::post('rulebook/sweep-runs/{run}/stop', [SweepRunController::class, 'stop']);
    Route::post('rulebook/sweep-runs/{run}/undo', [SweepRunController::class, 'undo']);
    Route::get('rulebook/tables', [RuleTableController::class, 'index']);
    Route::get('rulebook/table', [RuleTableController::class, 'show']);
    Route::get('rulebook/table/export', [RuleTableController::class, 'export']);
    Route::post('rulebook/table/read', [RuleTableController::class, 'read']);
    Route::get('rulebook/find', [FindingsController::class, 'find']);
    Route::get('rulebook/findings', [FindingsController::class, 'show']);
    Route::where(['signature' => '[0-9a-f]{32}'])->group(static function (): void {
        Route::put('rulebook/findings/{signature}', [FindingsController::class, 'setAside']);
        Route::delete('rulebook/findings/{signature}', [FindingsController::class, 'takeUp']);
    });
    Route::delete('rulebook/planned', [RulebookController::class, 'takeBack']);
    Route::post('rulebook/versions/{version}/again', [RulebookController::class, 'bringBack']);
    Route::get('rulebook/versions/{version}', [RulebookController::class, 'version']);

    Route::get('rulebook/export', [RulebookFileController::class, 'export']);
    Route::get('rulebook/compare', [RulebookFileController::class, 'compare']);
    Route::post('rulebook/import/preview', [RulebookFileController::class, 'preview']);
    Route::post('rulebook/import/undo', [RulebookFileController::class, 'undo']);
    Route::post('rulebook/import', [RulebookFileController::class, 'import']);
});
