<?php

declare(strict_types=1);

use App\Http\Controllers\Api\AbsenceController;
use App\Http\Controllers\Api\CaseController;
use App\Http\Controllers\Api\CaseWorkController;
use App\Http\Controllers\Api\CustomerController;
use App\Http\Controllers\Api\MeController;
use App\Http\Controllers\Api\MessageController;
use App\Http\Controllers\Api\PlaceController;
use App\Http\Controllers\Api\RunController;
use App\Http\Controllers\Api\TalkController;
use App\Http\Controllers\Api\TaskController;
use App\Http\Controllers\Api\TaskListController;
use App\Http\Controllers\Api\TaskReadController;
use App\Http\Controllers\Api\TaskWorkController;
use App\Http\Middleware\TokenMay;
use App\Models\Access\TokenAbility;
use Illuminate\Support\Facades\Route;
use OpenBaton\Core\Subject\TaskAction;

// docs/formats/openapi.yaml describes each; a test reads that it does.
Route::middleware(['auth:sanctum', 'throttle:api'])->group(static function (): void {
    // These look at the rights of the token themselves: it may read what its owner's tokens have brought in.
    Route::post('tasks', [TaskController::class, 'store']);
    Route::get('tasks/{task}', [TaskController::class, 'show']);
    Route::get('tasks/{task}/decision', [TaskController::class, 'decision']);
    Route::post('tasks/{task}/comments', [TalkController::class, 'comment']);
    Route::post('tasks/{task}/files', [TalkController::class, 'file']);

    Route::middleware(TokenMay::carry(TokenAbility::Read))->group(static function (): void {
        Route::get('tasks', TaskListController::class);
        Route::get('tasks/{task}/comments', [TaskReadController::class, 'comments']);
        Route::get('tasks/{task}/files', [TaskReadController::class, 'files']);
        Route::get('tasks/{task}/files/{file}', [TaskReadController::class, 'file']);
        Route::get('tasks/{task}/history', [TaskReadController::class, 'history']);
        Route::get('tasks/{task}/runs', [RunController::class, 'ofTask']);
        Route::post('tasks/preview', [TaskReadController::class, 'preview']);
        Route::get('me', MeController::class);
    });
    Route::middleware(TokenMay::carry(TokenAbility::Work))->group(static function (): void {
        Route::patch('tasks/{task}', [TaskWorkController::class, 'change']);
        Route::post('tasks/{task}/tick', [TaskWorkController::class, 'tick']);
        Route::post('tasks/{task}/runs', [RunController::class, 'onTask']);
        foreach (TaskAction::cases() as $action) {
            Route::post('tasks/{task}/' . str_replace('_', '-', $action->value), [TaskWorkController::class, 'act']);
        }
    });
    Route::middleware(TokenMay::carry(TokenAbility::ReadCases))->group(static function (): void {
        Route::get('cases', [CaseController::class, 'index']);
        Route::get('cases/{case}', [CaseController::class, 'show']);
        Route::get('cases/{case}/runs', [RunController::class, 'ofCase']);
    });
    Route::middleware(TokenMay::carry(TokenAbility::WorkCases))->group(static function (): void {
        Route::post('cases', [CaseController::class, 'store']);
        Route::patch('cases/{case}', [CaseWorkController::class, 'change']);
        foreach (['move', 'close', 'reopen', 'give'] as $deed) {
            Route::post("cases/{case}/{$deed}", [CaseWorkController::class, $deed]);
        }
        Route::post('cases/{case}/comments', [CaseWorkController::class, 'comment']);
        Route::post('cases/{case}/runs', [RunController::class, 'onCase']);
    });
    Route::middleware(TokenMay::carry(TokenAbility::Messages))->group(static function (): void {
        Route::get('messages', [MessageController::class, 'index']);
        Route::get('messages/{message}', [MessageController::class, 'show']);
        Route::put('messages/{message}', [MessageController::class, 'update']);
        Route::post('messages/{message}/release', [MessageController::class, 'release']);
        Route::post('messages/{message}/drop', [MessageController::class, 'drop']);
    });
    Route::middleware(TokenMay::carry(TokenAbility::Absences))->group(static function (): void {
        Route::get('absences', [AbsenceController::class, 'index']);
        Route::post('absences', [AbsenceController::class, 'store']);
        Route::post('absences/{absence}/end', [AbsenceController::class, 'end']);
    });
    Route::middleware(TokenMay::carry(TokenAbility::Customers))->group(static function (): void {
        Route::get('customers', [CustomerController::class, 'index']);
        Route::post('customers', [CustomerController::class, 'store']);
        Route::get('customers/{code}', [CustomerController::class, 'show']);
        Route::put('customers/{code}', [CustomerController::class, 'update']);
        Route::get('places', [PlaceController::class, 'index']);
        Route::post('places', [PlaceController::class, 'store']);
        Route::get('places/{place}', [PlaceController::class, 'show']);
        Route::put('places/{place}', [PlaceController::class, 'update']);
    });
});
