<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\Person;
use App\Models\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Workload\TaskStatus;

/** The member's working page. Its type is InHandPage.ts. */
final class InHandPage
{
    private const MOST = 200;

    /** @return array{tasks: list<array<string, mixed>>, open: list<array<string, mixed>>, done: list<array<string, mixed>>, person: bool} */
    public function props(?Person $person): array
    {
        if ($person === null) {
            return ['tasks' => [], 'open' => [], 'done' => [], 'person' => false];
        }
        $held = Task::query()->with(['kind', 'customer'])->where('assignee_id', $person->id)
            ->whereNotIn('status', [TaskStatus::Done, TaskStatus::Dropped])
            ->orderByRaw("status = 'working' DESC")->orderByRaw('due_at IS NULL')->orderBy('due_at')
            ->orderByRaw("FIELD(priority, 'urgent', 'high', 'normal', 'low')")->orderBy('arrived_at')
            ->limit(self::MOST)->get();
        $open = Task::query()->with(['kind', 'customer'])->whereNull('assignee_id')
            ->whereIn('status', [TaskStatus::New, TaskStatus::Waiting])
            ->whereHas('claimants', static fn($query) => $query->whereKey($person->id))
            ->orderByRaw('due_at IS NULL')->orderBy('due_at')->limit(self::MOST)->get();
        $done = Task::query()->with(['kind', 'customer'])->where('assignee_id', $person->id)
            ->where('status', TaskStatus::Done)->where('completed_at', '>=', CarbonImmutable::now()->startOfDay())
            ->orderByDesc('completed_at')->limit(30)->get();

        return [
            'tasks' => array_values($held->map(TaskLine::of(...))->all()),
            'open' => array_values($open->map(TaskLine::of(...))->all()),
            'done' => array_values($done->map(TaskLine::of(...))->all()),
            'person' => true,
        ];
    }
}
