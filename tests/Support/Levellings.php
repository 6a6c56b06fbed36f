<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Levelling\LevelTerms;
use App\Levelling\SteerLevelling;
use App\Models\Levelling\Levelling;
use App\Models\Levelling\LevellingState;
use App\Models\People\Team;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Workload\TaskStatus;

/** Levellings that requests are about. */
final class Levellings
{
    /** All that those who answer enquiries have in hand and did not begin goes to one of them, for the next day. */
    public static function overload(): void
    {
        $team = Team::query()->where('slug', 'enquiries')->firstOrFail();
        $due = CarbonImmutable::now()->addWeekday()->setTime(17, 0);
        Task::query()
            ->where('status', TaskStatus::New)
            ->whereIn('assignee_id', $team->members()->pluck('people.id'))
            ->update([
                'assignee_id' => House::person('oona-varga')->id,
                'due_at' => $due,
                'starts_at' => null,
                'estimate_minutes' => 300,
            ]);
    }

    /** Of everybody's work, by the lead of the house. */
    public static function workedOut(bool $overloaded = false): Levelling
    {
        if ($overloaded) {
            self::overload();
        }

        return app(SteerLevelling::class)->begin([], new LevelTerms([]), House::user('hanneke'))->refresh();
    }

    /** One that is being worked out. */
    public static function id(): string
    {
        return Levelling::query()->create([
            'user_id' => House::user('hanneke')->id,
            'state' => LevellingState::Working,
            'teams' => [],
            'terms' => (new LevelTerms([]))->write(),
            'at' => now(),
            'until' => now()->addDay(),
            'budget' => 1,
            'begun_at' => now(),
        ])->id;
    }
}
