<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Bridge\SnapshotSource;
use App\Http\Controllers\Reader;
use App\Models\Handoff;
use App\Models\RulebookVersion;
use App\Models\VersionState;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Workload\TaskStatus;

/** The strip at the bottom of every page. Its type is StatusStrip.ts. */
final readonly class StatusStrip
{
    public function __construct(private SnapshotSource $snapshots, private Reader $reader) {}

    /** @return array<string, mixed> */
    public function props(): array
    {
        $last = Handoff::query()->with(['task', 'to'])->orderByDesc('at')->orderByDesc('id')->first();

        return [
            'unplaced' => self::unplaced()->count(),
            'lastHandoff' => $last === null ? null : [
                'at' => Moment::of($last->at),
                'number' => (int) $last->task?->number,
                'taskId' => $last->task_id,
                'to' => (string) $last->to?->name,
                'toSlug' => (string) $last->to?->slug,
            ],
            'away' => $this->away(),
            'version' => RulebookVersion::query()->where('state', VersionState::Published)->value('number'),
            'zone' => $this->reader->zone()->name,
        ];
    }

    /** Tasks that nobody holds and nobody may claim. */
    public static function unplaced(): Builder
    {
        return DB::table('tasks')
            ->whereIn('tasks.status', [TaskStatus::New->value, TaskStatus::Working->value, TaskStatus::Waiting->value])
            ->whereNull('tasks.assignee_id')
            ->whereNotExists(static fn($query) => $query->from('task_claimants')->whereColumn('task_claimants.task_id', 'tasks.id'));
    }

    /** @return list<array{slug: string, name: string, until: string}> */
    private function away(): array
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $roster = $this->snapshots->current()->roster;
        $away = [];
        foreach ($roster->people as $person) {
            $absence = $roster->absenceOf($person->id, $now);
            if ($absence !== null) {
                $away[] = ['slug' => $person->id, 'name' => $person->name, 'until' => Instant::format($absence->span->to)];
            }
        }

        return $away;
    }
}
