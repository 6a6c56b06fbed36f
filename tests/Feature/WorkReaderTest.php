<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Bridge\WorkReader;
use App\Models\Tasks\Task;
use App\Tasks\HandOnTask;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\WorkItem;
use Tests\Support\House;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
    House::publish(House::roundRule());
    [$this->ayumis, $this->femis, $this->callums] = [House::arrive(), House::arrive(), House::arrive()];
});

/** @param array<string, mixed> $changes */
function leaveIn(Task $task, TaskStatus $status, array $changes = []): void
{
    $task->update(['status' => $status, ...$changes]);
}

/**
 * @param list<string>|null $people whose work is read; null: everybody's
 *
 * @return list<string> what loads a person, by id
 */
function loading(string $slug, ?array $people = null): array
{
    $snapshot = app(SnapshotSource::class)->current();
    $work = $people === null ? WorkReader::ofEverybody($snapshot) : WorkReader::of(new Needs($people), $snapshot);

    return array_map(static fn(WorkItem $item): string => $item->id, $work->held($slug)->loading);
}

it('counts what is in review for whoever reviews it', function (): void {
    leaveIn($this->ayumis, TaskStatus::InReview, ['reviewer_id' => House::person('tobias')->id]);
    // Not yet in review: it is still on Femi.
    leaveIn($this->femis, TaskStatus::Working, ['reviewer_id' => House::person('tobias')->id]);

    foreach ([null, ['tobias', 'femi', 'ayumi']] as $people) {
        expect(loading('tobias', $people))->toBe([$this->ayumis->id]);
        expect(loading('femi', $people))->toBe([$this->femis->id]);
        expect(loading('ayumi', $people))->toBe([]);
    }
    expect(loading('femi', ['tobias']))->toBe([$this->femis->id]);
    expect(
        WorkReader::of(new Needs(['ayumi']), app(SnapshotSource::class)->current())->held('ayumi')->openTasks(),
    )->toBe(0);
});

it('counts what is in review although nobody holds it', function (): void {
    leaveIn($this->ayumis, TaskStatus::InReview, ['assignee_id' => null, 'reviewer_id' => House::person('tobias')->id]);
    expect([loading('tobias'), loading('tobias', ['tobias'])])->toBe([[$this->ayumis->id], [$this->ayumis->id]]);
});

it('counts nothing that is done, dropped or waits outside of our hands', function (): void {
    leaveIn($this->ayumis, TaskStatus::Done, ['completed_at' => now()]);
    leaveIn($this->femis, TaskStatus::Dropped);
    leaveIn($this->callums, TaskStatus::Waiting);
    expect([loading('ayumi'), loading('femi'), loading('callum')])->toBe([[], [], []]);
});

it('knows when somebody was last given something, by whatever handoff', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T11:30:00Z'));
    app(HandOnTask::class)($this->ayumis, House::person('femi'), 'Room on the bench', House::user('hanneke'));
    $snapshot = app(SnapshotSource::class)->current();
    foreach (
        [
            WorkReader::ofEverybody($snapshot),
            WorkReader::of(new Needs(['ayumi', 'femi', 'tobias'], ['ayumi', 'femi', 'tobias']), $snapshot),
        ]
        as $work
    ) {
        expect($work->held('ayumi')->lastAssignedAt)->toBe(
            CarbonImmutable::parse('2026-03-02T10:00:00Z')->getTimestamp(),
        );
        expect($work->held('femi')->lastAssignedAt)->toBe(
            CarbonImmutable::parse('2026-03-02T11:30:00Z')->getTimestamp(),
        );
        expect($work->held('tobias')->lastAssignedAt)->toBeNull();
    }
    expect(
        WorkReader::of(new Needs(['ayumi', 'femi'], ['femi']), $snapshot)->held('ayumi')->lastAssignedAt,
    )->toBeNull();
});
