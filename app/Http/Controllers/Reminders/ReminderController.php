<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reminders;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Http\Pages\Reminders\RemindersPage;
use App\Http\Requests\Reminders\ReminderRequest;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Reminders\Reminder;
use App\Models\Tasks\Task;
use App\Reminders\MuteReminders;
use App\Reminders\SaveReminder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** What people are reminded of: what kinds propose, what somebody has set, and what they do not want to hear of. */
final class ReminderController
{
    public function index(RemindersPage $page): Response
    {
        Gate::authorize('viewAny', Reminder::class);

        return Inertia::render('Reminders/Reminders', $page->props());
    }

    public function store(ReminderRequest $request, Viewer $viewer, SaveReminder $save): RedirectResponse
    {
        $kind = $request->kind();
        $kind === null
            ? $save->own(self::person($viewer), $request->task(), null, $request->terms())
            : $save->propose($kind, null, $request->terms(), $viewer->actor());

        return back();
    }

    public function update(
        Reminder $reminder,
        ReminderRequest $request,
        Viewer $viewer,
        SaveReminder $save,
    ): RedirectResponse {
        $kind = $reminder->kind;
        $kind === null
            ? $save->own(self::person($viewer), $reminder->task, $reminder, $request->terms())
            : $save->propose($kind, $reminder, $request->terms(), $viewer->actor());

        return back();
    }

    public function remove(Reminder $reminder, Viewer $viewer, SaveReminder $save): RedirectResponse
    {
        Gate::authorize('change', $reminder);
        $save->remove($reminder, $viewer->actor());

        return back();
    }

    public function mute(Reminder $reminder, Request $request, Viewer $viewer): RedirectResponse
    {
        Gate::authorize('mute', $reminder);
        MuteReminders::reminder($reminder, self::person($viewer), self::muted($request));

        return back();
    }

    /** All that comes of one task, for whoever asks. */
    public function muteTask(Task $task, Request $request, Viewer $viewer): RedirectResponse
    {
        Gate::authorize('view', $task);
        // Of whoever is nobody who is reminded there is nothing to mute.
        MuteReminders::task($task, $viewer->person() ?? abort(404), self::muted($request));

        return back();
    }

    /** How long before it is due people hear that something is to be done soon. */
    public function dueSoon(Request $request, Viewer $viewer): RedirectResponse
    {
        Gate::authorize('shape', House::class);
        $request->validate(['minutes' => ['required', new Whole(1, 20_160)]]);
        ChangeHouse::set(
            'due_soon_set',
            'said how long before it is due something is due soon',
            Actor::user($viewer->user()),
            [
                'due_soon_minutes' => $request->integer('minutes'),
            ],
        );

        return back();
    }

    private static function muted(Request $request): bool
    {
        $request->validate(['muted' => ['required', 'boolean']]);

        return $request->boolean('muted');
    }

    private static function person(Viewer $viewer): Person
    {
        return $viewer->person() ?? abort(403);
    }
}
