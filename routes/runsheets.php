<?php

declare(strict_types=1);

use App\Http\Controllers\Runsheets\ManyRunsController;
use App\Http\Controllers\Runsheets\RunController;
use App\Http\Controllers\Runsheets\RunsheetController;
use App\Http\Controllers\Runsheets\RunsheetEditorController;
use Illuminate\Support\Facades\Route;

// Runsheets and their runs; for those who are signed in.

Route::middleware('auth')->group(static function (): void {
    Route::get('runsheets', [RunsheetController::class, 'index']);
    Route::post('runsheets', [RunsheetController::class, 'store']);
    Route::get('runsheets/new', [RunsheetEditorController::class, 'create']);
    Route::put('runsheets', [RunsheetEditorController::class, 'save']);
    Route::post('runsheets/preview', [RunsheetEditorController::class, 'preview']);
    Route::post('runsheets/try', [RunsheetEditorController::class, 'try']);
    Route::get('runsheets/{runsheet:slug}/edit', [RunsheetEditorController::class, 'edit']);
    Route::get('runsheets/{runsheet:slug}/versions/{number}', [
        RunsheetEditorController::class,
        'version',
    ])->whereNumber('number');
    Route::get('runsheets/{runsheet:slug}/export', [RunsheetController::class, 'export']);
    Route::post('runsheets/{runsheet:slug}/publish', [RunsheetController::class, 'publish']);
    Route::post('runsheets/{runsheet:slug}/discard', [RunsheetController::class, 'discard']);
    Route::get('runsheets/{runsheet:slug}/behind', [RunsheetController::class, 'behind']);
    Route::post('runs/{run}/move', [RunController::class, 'move']);
    Route::get('runs', [RunController::class, 'index']);
    Route::post('runs', [RunController::class, 'store']);
    Route::post('runs/many', ManyRunsController::class);
    Route::get('runs/{run}', [RunController::class, 'show']);
    Route::post('runs/{run}/deed', [RunController::class, 'deed']);
    Route::post('tasks/{task}/runs', [RunController::class, 'ofTask']);
    Route::post('cases/{case}/runs', [RunController::class, 'ofCase']);
});
