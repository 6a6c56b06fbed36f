<?php

declare(strict_types=1);

use App\Http\Controllers\Duties\DutyController;
use App\Http\Controllers\Duties\DutyTableController;
use Illuminate\Support\Facades\Route;

// What the house does again and again; for those who are signed in.
Route::middleware('auth')->group(static function (): void {
    Route::get('duties', [DutyController::class, 'index']);
    Route::get('duties/calendar.ics', [DutyController::class, 'calendar']);
    Route::get('duties/export', DutyTableController::class);
    Route::get('duties/new', [DutyController::class, 'create']);
    Route::post('duties/preview', [DutyController::class, 'preview']);
    Route::put('duties', [DutyController::class, 'save']);
    Route::get('duties/{duty:slug}/edit', [DutyController::class, 'edit']);
    Route::get('duties/{duty:slug}/export', [DutyController::class, 'export']);
    Route::post('duties/{duty:slug}/end', [DutyController::class, 'end']);
});
