<?php

declare(strict_types=1);

use App\Http\Controllers\Absences\AbsenceController;
use App\Http\Controllers\Absences\CalendarController;
use App\Http\Controllers\Absences\CoverController;
use App\Http\Controllers\Absences\DaysController;
use App\Http\Controllers\Absences\PersonnelController;
use App\Http\Controllers\Access\AccountController;
use App\Http\Controllers\Access\InvitationController;
use App\Http\Controllers\Access\SignInController;
use App\Http\Controllers\Access\SignInsController;
use App\Http\Controllers\Access\TokensController;
use App\Http\Controllers\Calendar\FeedController;
use App\Http\Controllers\Calendar\WorkCalendarController;
use App\Http\Controllers\Customers\CustomerController;
use App\Http\Controllers\Customers\CustomerFileController;
use App\Http\Controllers\Customers\CustomerLinkController;
use App\Http\Controllers\Figures\FiguresController;
use App\Http\Controllers\Floor\FloorController;
use App\Http\Controllers\Floor\GiveController;
use App\Http\Controllers\Foresight\ForesightController;
use App\Http\Controllers\House\ChangesController;
use App\Http\Controllers\House\HouseController;
use App\Http\Controllers\House\HouseListsController;
use App\Http\Controllers\House\PlaceController;
use App\Http\Controllers\House\SetupController;
use App\Http\Controllers\Intake\NewTaskController;
use App\Http\Controllers\Intake\WebFormController;
use App\Http\Controllers\Levelling\LevellingController;
use App\Http\Controllers\Map\MapController;
use App\Http\Controllers\People\IntakeController;
use App\Http\Controllers\People\LeavingController;
use App\Http\Controllers\People\MeController;
use App\Http\Controllers\People\PeopleChoiceController;
use App\Http\Controllers\People\PeopleController;
use App\Http\Controllers\People\RosterController;
use App\Http\Controllers\People\RosterFileController;
use App\Http\Controllers\PulseController;
use App\Http\Controllers\Tables\ImportController;
use App\Http\Controllers\Tasks\InHandController;
use App\Http\Controllers\Tasks\ManyTasksController;
use App\Http\Controllers\Tasks\NoticeController;
use App\Http\Controllers\Tasks\SearchController;
use App\Http\Controllers\Tasks\TaskActionController;
use App\Http\Controllers\Tasks\TaskController;
use App\Http\Controllers\Tasks\TaskFieldController;
use App\Http\Controllers\Tasks\TaskFileController;
use App\Http\Controllers\Tasks\TaskLinkController;
use App\Http\Controllers\Tasks\TaskListController;
use App\Http\Controllers\Tasks\TaskTalkController;
use App\Http\Controllers\Tasks\TimeController;
use App\Http\Middleware\EndsWithThePerson;
use App\Http\Middleware\ShareWithPages;
use App\Http\Requests\Tasks\ManyTasksRequest;
use Illuminate\Support\Facades\Route;
use OpenBaton\Core\Subject\TaskAction;

Route::middleware('guest')->group(static function (): void {
    Route::get('sign-in', [SignInController::class, 'show'])->name('login');
    // Attempts counts the tries.
    Route::post('sign-in', [SignInController::class, 'store']);
});

// Whoever was invited chooses a password, be somebody signed in at the machine or not.
Route::middleware('throttle:invitation')
    ->where(['secret' => '[A-Za-z0-9]{48}'])
    ->group(static function (): void {
        Route::get('invitation/{secret}', [InvitationController::class, 'show']);
        Route::post('invitation/{secret}', [InvitationController::class, 'accept']);
    });

// The stand-in for the web form of the demo house: anybody may ask for something.
Route::get('stand-ins/web-form', [WebFormController::class, 'show']);
Route::post('stand-ins/web-form', [WebFormController::class, 'store'])->middleware('throttle:web-form');

// The address of whoever asked for something: where it is, and what they have to say.
Route::middleware('throttle:customer')
    ->where(['secret' => '[A-Za-z0-9]{48}'])
    ->group(static function (): void {
        Route::get('requests/{secret}', [CustomerLinkController::class, 'show']);
        Route::post('requests/{secret}', [CustomerLinkController::class, 'say']);
    });

// The calendar of the stand-in for the personnel office, and absences and work under secret addresses: programs read
// them.
Route::get('stand-ins/personnel.ics', [PersonnelController::class, 'calendar'])
    ->middleware('signed')
    ->name('personnel-calendar');
Route::get('calendar/{secret}.ics', FeedController::class)
    ->middleware('throttle:calendar')
    ->where('secret', '[A-Za-z0-9]{48}');

// Asked every few seconds by every page: it looks at the session itself.
Route::get('pulse', [PulseController::class, '__invoke'])->withoutMiddleware([
    EndsWithThePerson::class,
    ShareWithPages::class,
]);

Route::middleware('auth')->group(static function (): void {
    Route::post('sign-out', [SignInController::class, 'destroy']);
    Route::get('/', [SignInController::class, 'home']);
    Route::get('search', [SearchController::class, '__invoke']);
    Route::get('floor', [FloorController::class, '__invoke']);
    Route::post('floor/preview', [GiveController::class, 'preview']);
    Route::post('floor/give', [GiveController::class, 'store']);
    Route::post('floor/unplaced/{task}/retry', [GiveController::class, 'retry']);
    Route::get('in-hand', [InHandController::class, '__invoke']);

    Route::get('calendar', WorkCalendarController::class);
    Route::get('figures', FiguresController::class);
    Route::get('map', MapController::class);
    Route::get('foresight', ForesightController::class);
    Route::get('levellings', [LevellingController::class, 'index']);
    Route::post('levellings', [LevellingController::class, 'store']);
    Route::get('levellings/{levelling}', [LevellingController::class, 'show']);
    Route::get('levellings/{levelling}/progress', [LevellingController::class, 'progress']);
    Route::put('levellings/{levelling}/moves', [LevellingController::class, 'choose']);
    foreach (['stop', 'apply', 'undo'] as $what) {
        Route::post("levellings/{levelling}/{$what}", [LevellingController::class, $what]);
    }

    Route::get('tasks', [TaskListController::class, 'index']);
    Route::get('tasks/export', [TaskListController::class, 'export']);
    foreach (ManyTasksRequest::ACTIONS as $action) {
        Route::post('tasks/many/' . str_replace('_', '-', $action->value), ManyTasksController::class);
    }
    Route::post('task-lists', [TaskListController::class, 'save']);
    Route::delete('task-lists/{named}', [TaskListController::class, 'remove']);
    Route::get('tasks/new', [NewTaskController::class, 'show']);
    Route::get('tasks/new/customers', [NewTaskController::class, 'customers']);
    Route::post('tasks/new/preview', [NewTaskController::class, 'preview']);
    Route::post('tasks', [NewTaskController::class, 'store']);
    Route::get('tasks/{task}', [TaskController::class, 'show']);
    Route::get('tasks/{task}/fields', [TaskFieldController::class, 'show']);
    Route::put('tasks/{task}/fields', [TaskFieldController::class, 'update']);
    Route::post('tasks/{task}/moments', [TaskFieldController::class, 'catchUp']);
    Route::get('tasks/{task}/history', [TaskController::class, 'history']);
    Route::get('tasks/{task}/decisions/{decision}', [TaskController::class, 'decision']);
    foreach (TaskAction::cases() as $action) {
        Route::post('tasks/{task}/' . str_replace('_', '-', $action->value), [TaskActionController::class, '__invoke']);
    }
    Route::post('tasks/{task}/undo', [TaskActionController::class, 'undo']);
    Route::post('tasks/{task}/time', TimeController::class);
    Route::get('tasks/{task}/receivers', [TaskController::class, 'receivers']);
    Route::get('tasks/{task}/files', [TaskFileController::class, 'index']);
    Route::post('tasks/{task}/files', [TaskFileController::class, 'store']);
    Route::get('tasks/{task}/files/{file}', [TaskFileController::class, 'show']);
    Route::post('tasks/{task}/comment', [TaskTalkController::class, 'comment']);
    Route::post('tasks/{task}/tick', [TaskTalkController::class, 'tick']);
    Route::post('tasks/{task}/link', [TaskLinkController::class, '__invoke']);
    Route::post('tasks/{task}/watch', [TaskTalkController::class, 'watch']);
    Route::post('tasks/{task}/press/{rule}', [TaskTalkController::class, 'press']);
    Route::post('cuts/{cut}/seen', [TaskTalkController::class, 'seen']);

    Route::post('imports/{what}/preview', [ImportController::class, 'preview']);
    Route::post('imports/{what}', [ImportController::class, 'store']);
    Route::get('imports/{import}', [ImportController::class, 'show']);
    Route::get('customers', [CustomerController::class, 'index']);
    Route::get('customers/export', [CustomerFileController::class, '__invoke']);
    Route::post('customers', [CustomerController::class, 'store']);
    Route::put('customers/{customer}', [CustomerController::class, 'update']);
    Route::get('customers/{customer}/history', [CustomerController::class, 'history']);
    Route::get('customers/{customer}/decisions/{decision}', [CustomerController::class, 'decision']);
    Route::post('customers/{customer}/retire', [CustomerController::class, 'retire']);
    Route::post('customers/{customer}/merge', [CustomerController::class, 'merge']);
    Route::post('customers/merges/{merge}/undo', [CustomerController::class, 'part']);
    Route::get('changes', [ChangesController::class, 'index']);
    Route::get('changes/export', [ChangesController::class, 'export']);
    Route::get('setup', [SetupController::class, 'show']);
    Route::post('setup', [SetupController::class, 'end']);
    Route::post('setup/rules', [SetupController::class, 'ready']);
    Route::get('house', [HouseController::class, 'show']);
    Route::put('house/customer-words', [HouseController::class, 'customerWords']);
    Route::put('house/levels', [HouseListsController::class, 'levels']);
    Route::put('house/form', [HouseListsController::class, 'form']);
    Route::put('house/tiers', [HouseListsController::class, 'tiers']);
    Route::put('house/sight', [HouseController::class, 'sight']);
    Route::post('house/fields', [HouseController::class, 'defineField']);
    Route::put('house/fields/{field}', [HouseController::class, 'changeField']);
    Route::post('house/fields/{field}/retire', [HouseController::class, 'retireField']);
    Route::post('house/fields/{field}/move', [HouseController::class, 'moveField']);
    Route::post('house/kinds', [HouseController::class, 'saveKind']);
    Route::put('house/kinds/{kind}', [HouseController::class, 'saveKind']);
    Route::post('house/checklists', [HouseController::class, 'saveChecklist']);
    Route::put('house/checklists/{checklist}', [HouseController::class, 'saveChecklist']);

    Route::get('roster/export', [RosterFileController::class, 'export']);
    Route::post('roster/preview', [RosterFileController::class, 'preview']);
    Route::post('roster/import', [RosterFileController::class, 'import']);
});

Route::middleware('auth')->group(static function (): void {
    Route::post('notices/{until}/seen', NoticeController::class);
    Route::get('days', DaysController::class);
    Route::get('absences', [AbsenceController::class, 'index']);
    Route::post('absences', [AbsenceController::class, 'store']);
    Route::post('absences/minimum', [AbsenceController::class, 'minimum']);
    Route::get('absences/calendars', [CalendarController::class, 'index']);
    Route::post('absences/calendars/preview', [CalendarController::class, 'preview']);
    Route::post('absences/calendars/import', [CalendarController::class, 'import']);
    Route::post('absences/calendars/hours', [CalendarController::class, 'hours']);
    Route::post('absences/calendars/poll', [CalendarController::class, 'poll']);
    Route::post('absences/calendars/renew', [CalendarController::class, 'renew']);
    Route::get('stand-ins/personnel', [PersonnelController::class, 'show']);
    Route::post('stand-ins/personnel', [PersonnelController::class, 'store']);
    Route::post('stand-ins/personnel/{event}/cancel', [PersonnelController::class, 'cancel']);
    Route::get('me', MeController::class);
    Route::get('account', [AccountController::class, 'show']);
    Route::post('account/locale', [AccountController::class, 'locale']);
    Route::post('account/password', [AccountController::class, 'password']);
    Route::delete('account/sessions/{session?}', [AccountController::class, 'end']);
    Route::get('sign-ins', [SignInsController::class, 'index']);
    Route::post('sign-ins', [SignInsController::class, 'store']);
    Route::put('sign-ins/{user}/person', [SignInsController::class, 'join']);
    Route::post('sign-ins/{user}/invite', [SignInsController::class, 'invite']);
    Route::post('sign-ins/{user}/end', [SignInsController::class, 'end']);
    Route::post('sign-ins/{user}/sign-out', [SignInsController::class, 'signOut']);
    Route::post('tokens', [TokensController::class, 'store']);
    Route::delete('tokens/{token}', [TokensController::class, 'revoke']);
    Route::get('absences/what-if', [CoverController::class, 'whatIf']);
    Route::get('absences/{absence}', [CoverController::class, 'show']);
    Route::post('absences/{absence}', [CoverController::class, 'change']);
    Route::post('absences/{absence}/cover', [CoverController::class, 'set']);
    Route::post('absences/{absence}/hand-over', [CoverController::class, 'handOver']);
    Route::post('absences/{absence}/decide', [AbsenceController::class, 'decide']);
    Route::post('absences/{absence}/end', [AbsenceController::class, 'end']);
    Route::put('roster/house', [RosterController::class, 'house']);
    Route::put('roster/{list}/{slug?}', [RosterController::class, 'save'])->whereIn('list', ['teams', 'skills']);
    Route::delete('roster/{list}/{slug}', [RosterController::class, 'remove'])->whereIn('list', ['teams', 'skills']);
    Route::get('places', [PlaceController::class, 'index']);
    Route::get('places/choices', [PlaceController::class, 'choices']);
    Route::post('places', [PlaceController::class, 'store']);
    Route::get('places/export', [PlaceController::class, 'export']);
    Route::put('places/{place:slug}', [PlaceController::class, 'update']);
    Route::post('places/{place:slug}/retire', [PlaceController::class, 'retire']);
    Route::delete('places/{place:slug}', [PlaceController::class, 'remove']);
    Route::get('people', [PeopleController::class, 'index']);
    Route::get('people/choices', PeopleChoiceController::class);
    Route::post('people', [PeopleController::class, 'store']);
    Route::post('people/change', [PeopleController::class, 'change']);
    Route::put('people/{person:slug}', [PeopleController::class, 'update']);
    Route::get('people/{person:slug}/leaving', [LeavingController::class, 'show']);
    Route::post('people/{person:slug}/leaving', [LeavingController::class, 'store']);
    Route::get('people/{person:slug}/ill', [AbsenceController::class, 'illPlan']);
    Route::post('people/{person:slug}/ill', [AbsenceController::class, 'ill']);
    Route::post('people/{person:slug}/pause', [IntakeController::class, 'pause']);
    Route::post('people/{person:slug}/resume', [IntakeController::class, 'resume']);
});
