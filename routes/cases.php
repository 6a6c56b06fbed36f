<?php

declare(strict_types=1);

use App\Http\Controllers\Cases\CaseController;
use App\Http\Controllers\Cases\CaseDeedController;
use App\Http\Controllers\Cases\CaseFileController;
use App\Http\Controllers\Cases\CaseTableController;
use App\Http\Controllers\Cases\CaseTaskController;
use App\Http\Controllers\Cases\TrackController;
use App\Http\Controllers\Cases\TrackEditorController;
use Illuminate\Support\Facades\Route;

// Cases and the tracks that they follow; for those who are signed in.

Route::middleware('auth')->group(static function (): void {
    Route::get('cases', [CaseController::class, 'index']);
    Route::post('cases', [CaseController::class, 'store']);
    Route::get('cases/export', CaseTableController::class);
    Route::post('cases/preview', [CaseController::class, 'preview']);
    Route::get('cases/{case}', [CaseController::class, 'show']);
    Route::get('cases/{case}/history', [CaseController::class, 'history']);
    Route::get('cases/{case}/decisions/{decision}', [CaseController::class, 'decision']);
    foreach (['move', 'close', 'reopen', 'give', 'claim', 'comment', 'watch'] as $deed) {
        Route::post("cases/{case}/{$deed}", [CaseDeedController::class, $deed]);
    }
    Route::get('cases/{case}/files', [CaseFileController::class, 'index']);
    Route::post('cases/{case}/files', [CaseFileController::class, 'store']);
    Route::get('cases/{case}/files/{file}', [CaseFileController::class, 'show']);
    Route::put('cases/{case}', [CaseDeedController::class, 'edit']);
    Route::post('cases/{case}/tasks', [CaseTaskController::class, 'put']);
    Route::post('cases/{case}/take-out', [CaseTaskController::class, 'takeOut']);
    Route::get('tracks', [TrackController::class, 'index']);
    Route::post('tracks', [TrackController::class, 'store']);
    Route::get('tracks/new', [TrackEditorController::class, 'create']);
    Route::post('tracks/preview', [TrackEditorController::class, 'preview']);
    Route::put('tracks', [TrackEditorController::class, 'save']);
    Route::get('tracks/{track:slug}/edit', [TrackEditorController::class, 'edit']);
    Route::get('tracks/{track:slug}/versions/{number}', [TrackEditorController::class, 'version'])->whereNumber(
        'number',
    );
    Route::get('tracks/{track:slug}/river', [TrackController::class, 'river']);
    Route::get('tracks/{track:slug}/export', [TrackController::class, 'export']);
    Route::post('tracks/{track:slug}/publish', [TrackController::class, 'publish']);
    Route::post('tracks/{track:slug}/discard', [TrackController::class, 'discard']);
});
