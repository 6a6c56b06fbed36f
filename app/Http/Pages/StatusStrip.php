<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Http\Viewer;
use App\Models\Events\Notice;
use App\Models\House\House;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Tasks\TasksInSight;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Instant;

/** The strip at the bottom of every page. Its type is StatusStrip.ts. */
final readonly class StatusStrip
{
    public function __construct(private Viewer $viewer, private TasksInSight $sight) {}

    /** @return array<string, mixed> */
    public function props(): array
    {
        $last = Handoff::query()
            ->with(['task.assignee', 'to'])
            ->orderByDesc('at')
            ->orderByDesc('id')
            ->first();

        // Where somebody has left it to others, it is with those.
        $to = $last === null ? null : $last->to ?? $last->task?->assignee;

        return [
            'news' => $this->news(),
            'unplaced' => Task::query()->unplaced()->count(),
            'lastHandoff' =>
                $last?->task === null || !$this->sight->includes($this->viewer->user(), $last->task)
                    ? null
                    : [
                        'at' => Moment::of($last->at),
                        'number' => (int) $last->task->number,
                        'taskId' => $last->task_id,
                        'to' => (string) $to?->name,
                        'toSlug' => (string) $to?->slug,
                    ],
            'away' => $this->away(),
            'version' => RulebookVersion::query()->published()->value('number'),
            'zone' => $this->viewer->zone()->name,
            'measure' => $this->measure(),
            'settingUp' => $this->viewer->user()->leads() && House::query()->whereNull('set_up_at')->exists(),
        ];
    }

    /** @return array{of: string, name: string} */
    private function measure(): array
    {
        $measure = $this->viewer->snapshot()->roster->measure;

        return match (true) {
            $measure->isTime() => ['of' => 'minutes', 'name' => ''],
            $measure->field === null => ['of' => 'tasks', 'name' => ''],
            default => ['of' => 'field', 'name' => $this->viewer->words()->field($measure->field)],
        };
    }

    /** @return int|null what whoever looks was told and has not read; null: they are nobody who is told things */
    private function news(): ?int
    {
        $person = $this->viewer->person();

        return $person === null ? null : Notice::unreadBy($person->id);
    }

    /** @return list<array{slug: string, name: string, until: string}> */
    private function away(): array
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $roster = $this->viewer->snapshot()->roster;
        $away = [];
        foreach ($roster->people as $person) {
            $until = $roster->awayUntil($person->id, $now);
            if ($until !== null) {
                $away[] = ['slug' => $person->id, 'name' => $person->name, 'until' => Instant::format($until)];
            }
        }

        return $away;
    }
}
