<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Absences\Absence;
use App\Models\Absences\TaskCover;
use App\Models\Access\Role;
use App\Models\Access\User;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Database\Factories\Absences\AbsenceFactory;
use Database\Factories\Access\UserFactory;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Workload\TaskStatus;
use RuntimeException;

/** Brings about each row of the table in docs/security.md for Callum, on a task that Tobias holds otherwise. */
final class Standings
{
    /** @return array<string, array<string, bool>> by standing and right, as the document has it */
    public static function documented(): array
    {
        preg_match(
            '/^\| Standing.*?\n\n/ms',
            (string) file_get_contents(dirname(__DIR__, 2) . '/docs/security.md'),
            $table,
        );
        $lines = array_map(
            static fn(string $line): array => array_map(trim(...), explode('|', trim($line, '| '))),
            explode("\n", trim($table[0] ?? '')),
        );
        $heads = array_slice(array_shift($lines) ?? [], 1);
        $rights = [];
        foreach (array_slice($lines, 1) as $cells) {
            $rights[$cells[0]] = array_combine(
                $heads,
                array_map(
                    static fn(string $cell): bool => ['yes' => true, 'no' => false][$cell],
                    array_slice($cells, 1),
                ),
            );
        }

        return $rights;
    }

    /** @return User whoever stands to it so from now on */
    public static function bring(string $standing, Task $task, Role $role): User
    {
        $callum = House::person('callum');
        $user = House::user('callum');
        $user->syncRoles([$role->value]);
        $task->update([
            'assignee_id' => House::person('tobias')->id,
            'creator_id' => null,
            'reviewer_id' => null,
            'last_reviewer_id' => null,
        ]);
        match ($standing) {
            'holds it' => $task->update(['assignee_id' => $callum->id]),
            'holds it together with others' => self::together($task),
            'may claim it' => $task->update(['assignee_id' => null]) && $task->claimants()->sync([$callum->id]),
            'reviews it' => $task->update(['status' => TaskStatus::InReview, 'reviewer_id' => $callum->id]),
            'made it' => $task->update(['creator_id' => $callum->id]),
            'stands in for whoever holds it and is away' => self::away('tobias', 'callum'),
            'stands in for whoever reviews it and is away' => $task->update([
                'assignee_id' => House::person('hanneke')->id,
                'status' => TaskStatus::InReview,
                'reviewer_id' => House::person('tobias')->id,
            ]) && self::away('tobias', 'callum'),
            'has it in the place of somebody who is away' => self::inPlaceOf($task, 'tobias', 'callum'),
            'held it before' => Handoff::query()->create([
                'task_id' => $task->id,
                'from_id' => null,
                'to_id' => $callum->id,
                'cause' => HandoffCause::Rule,
                'at' => CarbonImmutable::now(),
            ]),
            'reviewed it last' => $task->update(['last_reviewer_id' => $callum->id]),
            'watches it' => $task->watchers()->attach($callum->id),
            'owns the case that it is in' => self::inCaseOf($task, 'callum'),
            'stands in for whoever owns its case and is away' => self::inCaseOf($task, 'hanneke') &&
                self::away('hanneke', 'callum'),
            'is in a team of whoever holds it' => $task->update(['assignee_id' => House::person('femi')->id]),
            'nobody of these' => null,
            'nobody of these, tasks being open to all' => HouseRow::query()->update(['tasks_are_open' => true]),
            'is no person of the house' => $callum->update(['user_id' => null]),
            'is no longer active' => $callum->update(['active' => false]),
            'leads the house' => ($user = House::user('hanneke')),
            'administers the house' => ($user = UserFactory::new()->who(Role::Administrator)->create()),
            default => throw new RuntimeException("Nothing brings \"{$standing}\" about."),
        };
        HouseRow::query()->increment('roster_revision');

        return $user->refresh();
    }

    private static function together(Task $task): void
    {
        $task->update(['do_together' => false]);
        $task->holdsWith()->attach(House::person('callum')->id, ['position' => 0, 'open' => true]);
    }

    private static function inCaseOf(Task $task, string $owner): bool
    {
        $case = Cases::open(['owner' => $owner]);

        return $task->update(['case_id' => $case->id, 'case_stage' => $case->stage]);
    }

    private static function away(string $who, string $substitute): Absence
    {
        $absence = AbsenceFactory::new()
            ->of($who)
            ->days('2026-03-02', '2026-03-06')
            ->create(['slug' => "{$who}-away"]);
        $absence->substitutes()->attach(House::person($substitute)->id, ['position' => 0]);

        return $absence;
    }

    private static function inPlaceOf(Task $task, string $who, string $substitute): void
    {
        $absence = self::away($who, $substitute);
        $task->update(['assignee_id' => House::person($substitute)->id]);
        TaskCover::query()->create([
            'task_id' => $task->id,
            'seat' => SeatName::Holder,
            'for_id' => House::person($who)->id,
            'absence' => $absence->slug,
            'via' => [],
            'held' => true,
            'touched_by' => [],
        ]);
    }
}
