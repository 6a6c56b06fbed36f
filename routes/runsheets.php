<?php

declare(strict_types=1);

use App\Http\Controllers\Runsheets\RunController;
use App\Http\Controllers\Runsheets\RunsheetController;
use Illuminate\Support\Facades\Route;

// Runsheets and their runs; for those who are signed in.

Route::middleware('auth')->group(static function (): void {
    Route::get('runsheets', [RunsheetController::class, 'index']);
    Route::post('runsheets', [RunsheetController::class, 'store']);
    Route::get('runsheets/{runsheet:slug}/export', [RunsheetController::class, 'export']);
    Route::post('runsheets/{runsheet:slug}/publish', [RunsheetController::class, 'publish']);
    Route::post('runsheets/{runsheet:slug}/discard', [RunsheetController::class, 'discard']);
    Route::get('runs', [RunController::class, 'index']);
    Route::post('runs', [RunController::class, 'store']);
    Route::get('runs/{run}', [RunController::class, 'show']);
    Route::post('runs/{run}/deed', [RunController::class, 'deed']);
    Route::post('tasks/{task}/runs', [RunController::class, 'ofTask']);
    Route::post('cases/{case}/runs', [RunController::class, 'ofCase']);
});
