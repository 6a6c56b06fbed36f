<?php

declare(strict_types=1);

use App\Http\Controllers\Rollouts\RolloutController;
use Illuminate\Support\Facades\Route;

// Series of tasks over a tree; for those who are signed in.

Route::middleware('auth')->group(static function (): void {
    Route::get('rollouts', [RolloutController::class, 'index']);
    Route::post('rollouts', [RolloutController::class, 'store']);
    Route::get('rollouts/new', [RolloutController::class, 'create']);
    Route::post('rollouts/preview', [RolloutController::class, 'preview']);
    Route::get('rollouts/{rollout}', [RolloutController::class, 'show']);
    Route::get('rollouts/{rollout}/again', [RolloutController::class, 'again']);
    Route::get('rollouts/{rollout}/progress', [RolloutController::class, 'progress']);
    Route::post('rollouts/{rollout}/deed', [RolloutController::class, 'deed']);
});
