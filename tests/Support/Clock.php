<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Access\Actor;
use App\Models\Tasks\Task;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use OpenBaton\Core\Subject\TaskSubject;
use RuntimeException;

/** Lets time pass for the small house of the tests. */
final class Clock
{
    public static function set(string $at): void
    {
        Carbon::setTestNow($at);
        CarbonImmutable::setTestNow($at);
    }

    public static function tick(string $at): void
    {
        self::set($at);
        Artisan::call('baton:tick') === 0 || throw new RuntimeException('The tick has failed.');
    }

    /**
     * @param list<array<string, mixed>> $then
     *
     * @return array<string, mixed> a rule that gives what is overdue to Tobias
     */
    public static function overdueRule(
        string $offset = '+1 days',
        array $then = [['kind' => 'priority_step', 'step' => 'up']],
    ): array {
        return [
            'id' => 'overdue',
            'name' => 'Overdue',
            'active' => true,
            'when' => [['kind' => 'date_reached', 'field' => 'task.due', 'offset' => $offset]],
            'give' => ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'same_person']],
            'then' => $then,
        ];
    }

    public static function moveDue(Task $task, ?string $due): void
    {
        app(EditTask::class)->__invoke(
            $task->id,
            null,
            new Edit(
                'edited',
                static fn(TaskSubject $subject): TaskSubject => $subject->dueAt(
                    $due === null ? null : CarbonImmutable::parse($due)->getTimestamp(),
                ),
            ),
            Actor::user(House::user('hanneke')),
        );
    }
}
