<?php

declare(strict_types=1);

use App\Http\Controllers\Alerts\AlertController;
use App\Http\Controllers\Guides\GuideController;
use App\Http\Controllers\Guides\GuidePictureController;
use App\Http\Controllers\Messages\OutboxController;
use App\Http\Controllers\Messages\StandInController;
use App\Http\Controllers\Reminders\ReminderController;
use App\Http\Controllers\Tasks\NewsController;
use App\Http\Requests\Messages\SteerRequest;
use Illuminate\Support\Facades\Route;

// What is written in the house, told to its people, and sent from it; for those who are signed in.

Route::middleware('auth')->group(static function (): void {
    Route::get('news', [NewsController::class, 'index']);
    Route::post('news/{notice}/open', [NewsController::class, 'open']);
    Route::post('news/{notice}/unread', [NewsController::class, 'unread']);
    Route::put('news/choice', [NewsController::class, 'choose']);
    Route::put('news/obligatory', [NewsController::class, 'oblige']);
    Route::get('reminders', [ReminderController::class, 'index']);
    Route::post('reminders', [ReminderController::class, 'store']);
    Route::put('reminders/due-soon', [ReminderController::class, 'dueSoon']);
    Route::put('reminders/{reminder}', [ReminderController::class, 'update']);
    Route::delete('reminders/{reminder}', [ReminderController::class, 'remove']);
    Route::put('reminders/{reminder}/mute', [ReminderController::class, 'mute']);
    Route::put('tasks/{task}/reminders/mute', [ReminderController::class, 'muteTask']);
    Route::get('alerts', [AlertController::class, 'index']);
    Route::put('alerts/{alert}', [AlertController::class, 'update']);
    Route::get('guides', [GuideController::class, 'index']);
    Route::post('guides', [GuideController::class, 'store']);
    Route::put('guides/kind', [GuideController::class, 'kind']);
    Route::post('guides/pictures', [GuidePictureController::class, 'store']);
    Route::get('guides/pictures/{picture}', [GuidePictureController::class, 'show']);
    Route::put('guides/{guide:slug}', [GuideController::class, 'update']);
    Route::post('guides/{guide:slug}/retire', [GuideController::class, 'retire']);
    Route::post('guides/{guide:slug}/read', [GuideController::class, 'read']);
    Route::post('guides/{guide:slug}/not-right', [GuideController::class, 'notRight']);
    Route::get('outbox', [OutboxController::class, 'index']);
    Route::put('outbox/holding', [OutboxController::class, 'hold']);
    foreach (SteerRequest::ACTS as $act) {
        Route::post("messages/{$act}", [OutboxController::class, 'steer']);
    }
    Route::post('tasks/{task}/messages', [OutboxController::class, 'write']);
    Route::post('cases/{case}/messages', [OutboxController::class, 'writeAboutCase']);
    Route::put('messages/{message}', [OutboxController::class, 'update']);
    Route::get('stand-ins/messages/{channel}', [StandInController::class, 'show']);
    Route::put('stand-ins/messages/{channel}', [StandInController::class, 'behave']);
    Route::get('stand-ins/mails/{post}', [StandInController::class, 'mail']);
});
