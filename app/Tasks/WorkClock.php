<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Bridge\Snapshot;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Models\Tasks\WorkSpan;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\WorkingTime;
use OpenBaton\Core\Workload\TaskStatus;

/** The time that people spend on tasks, as they start and stop it; one task at a time. */
final readonly class WorkClock
{
    /** Puts down that the person works on it from now on. */
    public static function begin(Task $task, Person $person, CarbonImmutable $at): void
    {
        WorkSpan::query()->create([
            'task_id' => $task->id,
            'person_id' => $person->id,
            'begun_at' => $at,
            'running' => true,
        ]);
    }

    public static function runningOf(Person $person): ?WorkSpan
    {
        return WorkSpan::query()->running()->where('person_id', $person->id)->first();
    }

    /**
     * Ends what runs on a task that is worked on no longer, and adds the time, but where somebody has said how much it
     * was.
     *
     * @param int $at instant
     */
    public function settled(Task $task, TaskSubject $before, TaskSubject $after, int $at, Snapshot $house): TaskSubject
    {
        $stops =
            ($before->status === TaskStatus::Working && $after->status !== TaskStatus::Working) ||
            !$after->status->loadsHolder() ||
            $after->holderIds() !== $before->holderIds() ||
            ($after->isPostponed($at) && !$before->isPostponed($at));
        $minutes = $stops ? $this->stop($task, CarbonImmutable::createFromTimestampUTC($at), $house) : 0;

        return $minutes === 0 || $after->effort->spent !== $before->effort->spent
            ? $after
            : self::spent($after, $minutes);
    }

    public static function spent(TaskSubject $subject, int $minutes): TaskSubject
    {
        return $subject->with(['effort' => $subject->effort->spending($subject->effort->spent + $minutes)]);
    }

    /** @return int minutes of all that ran on it */
    public function stop(Task $task, CarbonImmutable $at, Snapshot $house): int
    {
        $minutes = 0;
        foreach (WorkSpan::query()->running()->where('task_id', $task->id)->lockForUpdate()->get() as $span) {
            $took = self::minutes($span, $at, $house);
            $span->update(['ended_at' => $at, 'running' => null, 'minutes' => $took]);
            $minutes += $took;
        }

        return $minutes;
    }

    /**
     * The minutes of a span, to the nearest. Of one that goes on past its day, where somebody forgot to stop it, the
     * working time alone counts.
     */
    public static function minutes(WorkSpan $span, CarbonImmutable $at, Snapshot $house): int
    {
        $slug = $house->personSlugs[$span->person_id] ?? null;
        $hours = $slug === null ? null : $house->roster->presenceOf($slug);
        $from = $span->begun_at->getTimestamp();
        $to = $at->getTimestamp();
        if ($hours !== null && $hours->zone()->dateAt($from)->day !== $hours->zone()->dateAt($to)->day) {
            return (new WorkingTime($hours))->minutesBetween($from, $to);
        }

        return (int) round(max(0, $to - $from) / 60);
    }
}
