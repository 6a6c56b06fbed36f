<?php

declare(strict_types=1);

use App\Http\Controllers\Api\CustomerController;
use App\Http\Controllers\Api\PlaceController;
use App\Http\Controllers\Api\TalkController;
use App\Http\Controllers\Api\TaskController;
use Illuminate\Support\Facades\Route;

Route::middleware(['auth:sanctum', 'throttle:api'])->group(static function (): void {
    Route::post('tasks', [TaskController::class, 'store']);
    Route::get('tasks/{task}', [TaskController::class, 'show']);
    Route::post('tasks/{task}/comments', [TalkController::class, 'comment']);
    Route::post('tasks/{task}/files', [TalkController::class, 'file']);
    Route::get('tasks/{task}/decision', [TaskController::class, 'decision']);
    Route::get('customers', [CustomerController::class, 'index']);
    Route::post('customers', [CustomerController::class, 'store']);
    Route::get('customers/{code}', [CustomerController::class, 'show']);
    Route::put('customers/{code}', [CustomerController::class, 'update']);
    Route::get('places', [PlaceController::class, 'index']);
    Route::post('places', [PlaceController::class, 'store']);
    Route::get('places/{place}', [PlaceController::class, 'show']);
    Route::put('places/{place}', [PlaceController::class, 'update']);
});
