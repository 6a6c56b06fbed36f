<?php

declare(strict_types=1);

use App\Http\Controllers\Approvals\ApprovalController;
use Illuminate\Support\Facades\Route;

// Approvals of tasks and cases; for those who are signed in.

Route::middleware('auth')->group(static function (): void {
    Route::post('tasks/{task}/approvals', [ApprovalController::class, 'ofTask']);
    Route::post('cases/{case}/approvals', [ApprovalController::class, 'ofCase']);
    Route::post('tasks/{task}/answer', [ApprovalController::class, 'answer']);
    Route::post('approvals/{approval}/withdraw', [ApprovalController::class, 'withdraw']);
    Route::post('approvals/{approval}/remind', [ApprovalController::class, 'remind']);
});
