<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ClaimTask;
use App\Actions\CompleteTask;
use App\Actions\HandOnTask;
use App\Actions\ReopenTask;
use App\Actions\StartTask;
use App\Http\Pages\TaskView;
use App\Models\Person;
use App\Models\Task;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final class TaskController
{
    public function show(Task $task, Reader $reader): Response
    {
        Gate::authorize('view', $task);

        return Inertia::render('Task/Task', ['task' => (new TaskView($reader->words(), $reader->snapshot()))->of($task, $reader->user())]);
    }

    public function start(Task $task, Request $request, Reader $reader, StartTask $start): RedirectResponse
    {
        Gate::authorize('work', $task);
        $start($task, $reader->user(), $this->seen($request));

        return back()->with('done', "№ {$task->number} is started.");
    }

    public function complete(Task $task, Request $request, Reader $reader, CompleteTask $complete): RedirectResponse
    {
        Gate::authorize('work', $task);
        $given = $request->validate([
            'note' => ['nullable', 'string', 'max:5000'],
            'spent' => ['nullable', 'integer', 'min:0', 'max:60000'],
        ], ['spent.*' => 'Give the minutes spent as a whole number.']);
        $note = $given['note'] ?? null;
        $complete($task, $reader->user(), is_string($note) ? $note : null, isset($given['spent']) ? (int) $given['spent'] : null, $this->seen($request));

        return redirect($this->listOf($request))->with('done', "№ {$task->number} is done.")->with('undo', ['label' => 'Take it up again', 'url' => "/tasks/{$task->id}/reopen"]);
    }

    public function reopen(Task $task, Request $request, Reader $reader, ReopenTask $reopen): RedirectResponse
    {
        Gate::authorize('work', $task);
        $reopen($task, $reader->user(), $this->seen($request));

        return back()->with('done', "№ {$task->number} is taken up again.");
    }

    public function handOn(Task $task, Request $request, Reader $reader, HandOnTask $handOn): RedirectResponse
    {
        Gate::authorize('handOn', $task);
        $given = $request->validate([
            'to' => ['required', 'string', 'exists:people,slug'],
            'reason' => ['required', 'string', 'min:3', 'max:500'],
        ], ['to.*' => 'Choose a person.', 'reason.*' => 'Say in a few words why.']);
        $to = Person::query()->where('slug', $given['to'])->where('active', true)->firstOrFail();
        $handOn($task, $to, (string) $given['reason'], $reader->user(), $this->seen($request));

        return redirect($this->listOf($request))->with('done', "№ {$task->number} went to {$to->name}.");
    }

    public function claim(Task $task, Reader $reader, ClaimTask $claim): RedirectResponse
    {
        Gate::authorize('claim', $task);
        $person = $reader->person() ?? abort(403);
        $claim($task, $person, $reader->user());

        return redirect("/in-hand?task={$task->id}")->with('done', "№ {$task->number} is yours.");
    }

    /** The page the person was on; on their own list the next task comes up. */
    private function listOf(Request $request): string
    {
        return $request->input('from') === 'in-hand' ? '/in-hand' : url()->previous('/');
    }

    private function seen(Request $request): ?int
    {
        return $request->filled('revision') ? $request->integer('revision') : null;
    }
}
