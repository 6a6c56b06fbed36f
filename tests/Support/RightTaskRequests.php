<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Tasks\ClaimTask;
use App\Tasks\StartTask;
use Illuminate\Routing\Route;
use Illuminate\Support\Str;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Workload\TaskStatus;

/** Tasks with which each thing can be done that is done with tasks, and what is sent for it. */
final class RightTaskRequests
{
    private const TASK = [
        'title' => 'Trumpet',
        'kind' => 'bench-repair',
        'description' => 'Stuck',
        'customer' => 'holms-school',
        'contact' => 'Ada',
        'priority' => 'high',
        'estimate' => 'PT1H',
        'start' => '2026-03-03T10:00:00Z',
        'due' => '2026-03-09T10:00:00Z',
        'tags' => ['rush'],
        'fields' => ['task.family' => 'brass', 'task.value' => 320.5],
    ];

    /** @var array<string, Task> by what can be done with them */
    private array $tasks = [];

    public function __construct()
    {
        $hanneke = House::person('hanneke');
        $ayumi = House::person('ayumi');
        foreach (
            ['new' => TaskStatus::New, 'done' => TaskStatus::Done, 'review' => TaskStatus::InReview]
            as $name => $status
        ) {
            $this->tasks[$name] = House::arrive('quote', customer: 'holms-school');
            $this->tasks[$name]->update([
                'status' => $status,
                'assignee_id' => $ayumi->id,
                'reviewer_id' => $status === TaskStatus::InReview ? $hanneke->id : null,
            ]);
        }
        $this->tasks['open'] = House::arrive('quote');
        $this->tasks['open']->claimants()->sync([$hanneke->id]);
        $this->tasks['together'] = House::arrive('quote');
        $this->tasks['together']->update(['assignee_id' => $hanneke->id, 'do_together' => false]);
        $this->tasks['together']->holdsWith()->attach($ayumi->id, ['position' => 0, 'open' => true]);
        $this->tasks['later'] = House::arrive('quote');
        $this->tasks['later']->update(['assignee_id' => $ayumi->id, 'starts_at' => now()->addDays(3)]);
        $this->tasks['claimed'] = $this->claimed();
        $this->tasks['begun'] = House::arrive('quote');
        $this->tasks['begun']->update(['assignee_id' => $ayumi->id]);
        app(StartTask::class)($this->tasks['begun'], House::user('hanneke'));
    }

    /** One that Hanneke has claimed of those whom it was open to. */
    private function claimed(): Task
    {
        $task = House::arrive('quote');
        $decision = Decision::query()->where('task_id', $task->id)->firstOrFail();
        $decision->update([
            'outcome' => Outcome::Open,
            'record' => ['open_to' => ['ayumi', 'hanneke']] + (array) $decision->record,
        ]);
        $task->update(['assignee_id' => null]);
        $task->claimants()->sync([House::person('hanneke')->id]);
        app(ClaimTask::class)($task, House::person('hanneke'), House::user('hanneke'));

        return $task;
    }

    public function of(string $name): Task
    {
        return $this->tasks[$name];
    }

    /** @param string $what the last part of an address */
    public function idFor(string $what): string
    {
        return $this->tasks[
            match ($what) {
                'reopen' => 'done',
                'take-back', 'send-back', 'approve', 'hand-review' => 'review',
                'claim' => 'open',
                'take-off' => 'together',
                'take-up' => 'later',
                'give-back' => 'claimed',
                'undo' => 'begun',
                default => 'new',
            }
        ]->id;
    }

    /** @return array<string, mixed>|null null: it is about something else */
    public function body(Route $route): ?array
    {
        return match ($route->methods()[0] . ' ' . Str::after($route->uri(), 'api/v1/')) {
            'POST tasks/preview' => self::TASK,
            'PATCH tasks/{task}' => ['set' => ['task.title' => 'Horn', 'task.due' => '2026-03-09T10:00:00Z']],
            'POST tasks/many/hand-on' => ['ids' => [$this->of('new')->id], 'to' => 'femi', 'reason' => 'Room'],
            'POST tasks/many/postpone' => [
                'ids' => [$this->of('new')->id],
                'at' => '2026-03-04T10:00:00Z',
                'note' => 'Later',
            ],
            'POST tasks/many/complete', 'POST tasks/many/to-hand-on' => ['ids' => [$this->of('new')->id]],
            'GET tasks/{task}/receivers' => ['person' => 'femi'],
            'POST tasks/{task}/time' => ['on' => true],
            'POST tasks/{task}/postpone' => ['at' => '2026-03-04T10:00:00Z', 'note' => 'Later', 'revision' => null],
            'POST tasks/{task}/to-hand-on' => ['note' => 'Not mine', 'revision' => null],
            'POST tasks', 'POST tasks/new/preview' => self::TASK,
            'PUT tasks/{task}/fields' => [
                'seen' => ['task.title' => 'Trumpet, stuck valve'],
                'set' => [
                    'task.title' => 'Horn',
                    'task.due' => '2026-03-09T10:00:00Z',
                    'task.tags' => ['rush'],
                    'task.estimate' => 'PT2H',
                ],
            ],
            'POST tasks/{task}/hand-on', 'POST tasks/{task}/hand-review' => [
                'to' => 'femi',
                'reason' => 'Femi has time.',
                'revision' => null,
            ],
            'POST tasks/{task}/wait' => [
                'reason' => 'Parts are on the way.',
                'until' => '2026-03-04T10:00:00Z',
                'on' => $this->of('open')->id,
            ],
            'POST tasks/{task}/drop', 'POST tasks/{task}/send-back' => ['reason' => 'Not any more.'],
            'POST tasks/{task}/complete' => ['note' => 'Oiled.', 'spent' => 15],
            'POST tasks/{task}/comment' => ['body' => 'Look at the valve.', 'mentions' => ['femi']],
            'POST floor/preview' => ['tasks' => [$this->of('new')->id], 'people' => ['femi', 'nobody']],
            'POST floor/give' => [
                'tasks' => [$this->of('new')->id],
                'revisions' => [(int) $this->of('new')->revision],
                'to' => 'femi',
                'reason' => 'More room',
            ],
            'POST tasks/{task}/link' => ['other' => $this->of('open')->id, 'on' => true],
            'POST tasks/{task}/tick' => ['item' => 'Photograph it', 'done' => true],
            'POST tasks/{task}/messages' => [
                'key' => 'written-00001',
                'to' => 'femi',
                'channel' => 'chat',
                'text' => 'Have you the felts?',
                'at' => '2026-03-04T10:00:00Z',
            ],
            'PUT tasks/{task}/reminders/mute' => ['muted' => true],
            'POST tasks/{task}/watch' => ['on' => true],
            default => null,
        };
    }
}
