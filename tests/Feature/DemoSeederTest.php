<?php

declare(strict_types=1);

use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Rules\ExamineRules;
use App\Rules\SignedFinding;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;

it('makes the same house twice on one day, with work, people away and work that found no place', function (): void {
    $live = function (): array {
        $this->travelTo(CarbonImmutable::parse('2026-11-25T09:30:00Z'));
        app()->forgetScopedInstances();
        app(DemoSeeder::class)->run(1);
        $this->travelBack();

        return Task::query()
            ->with(['assignee', 'customer'])
            ->orderBy('arrived_at')
            ->orderBy('id')
            ->get()
            ->map(
                static fn(Task $task): string => implode('|', [
                    $task->title,
                    $task->customer?->name,
                    $task->assignee?->name,
                    $task->status->value,
                    $task->arrived_at->format('c'),
                ]),
            )
            ->all();
    };
    DB::beginTransaction();
    $first = $live();
    $found = [
        'unplaced' => DB::table('decisions')->where('outcome', 'unplaced')->count(),
        'stood in' => Handoff::query()->whereNotNull('for_id')->count(),
        'done' => Task::query()->where('status', TaskStatus::Done)->count(),
        'versions' => RulebookVersion::query()->where('state', VersionState::Published)->value('number'),
        'checks' => array_map(
            static fn(SignedFinding $one): string => "{$one->finding->rule}: {$one->finding->kind}",
            app(ExamineRules::class)(
                $version = RulebookVersion::query()->where('state', VersionState::Published)->sole(),
                app(RulebookReader::class)->compiled($version->id)->rulebook,
                app(SnapshotSource::class)->current(),
                null,
                static fn(): null => null,
            ),
        ),
    ];
    DB::rollBack();
    // Within a transaction as the first, so that what is done after it is left in both.
    DB::beginTransaction();
    $second = $live();
    DB::rollBack();

    expect($second)->toBe($first);
    expect(count($first))->toBeGreaterThan(150);
    expect($found['unplaced'])->toBeGreaterThanOrEqual(5);
    expect($found['stood in'])->toBeGreaterThanOrEqual(1);
    expect($found['done'])->toBeGreaterThan(50);
    expect($found['versions'])->toBe(3);
    // Those that the demo is meant to show, and no other.
    expect($found['checks'])->toBe([
        'claim-overdue: one_person',
        'enquiries-finnish: one_person',
        'owner-less: only_if_nobody_is_free',
        'islands-rehair: only_if_nobody_is_free',
    ]);
});
