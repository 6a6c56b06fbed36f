<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Intake\Arrival;
use App\Intake\IncomingTask;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Routing\EventKind;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\Effort;

/** What happens to a task as an event of the core. */
final class TaskEvent
{
    public static function arrival(Arrival $arrival, IncomingTask $task, Snapshot $snapshot): Event
    {
        $at = $arrival->at;

        return new Event(
            'arrival-'.$arrival->taskId,
            EventKind::TaskArrives,
            $at,
            $arrival->taskId,
            self::facts($task, $snapshot, $at),
            new Effort($task->kind->usualMinutes, $task->estimateMinutes),
            $task->priority,
            $task->startsAt,
            $task->dueAt,
        );
    }

    private static function facts(IncomingTask $task, Snapshot $snapshot, int $at): Facts
    {
        $zone = new Zone($snapshot->zone);
        $known = [
            'task.kind' => $task->kind->slug,
            'task.title' => $task->title,
            'task.priority' => $task->priority->value,
            'task.estimate' => $task->estimateMinutes,
            'task.due' => $task->dueAt === null ? null : $zone->dateAt($task->dueAt)->format(),
            'task.tags' => $task->tags,
            'task.source' => $task->source,
            'customer.name' => $task->customer?->name,
            'customer.tier' => $task->customer?->tier,
            'customer.region' => $task->customer?->region,
            'customer.district' => $task->customer?->district,
            'district.responsible' => $task->customer?->responsible,
            'district.deputy' => $task->customer?->deputy,
        ];
        $values = array_filter($known, static fn(string|int|array|null $value): bool => $value !== null);
        foreach ($task->facts as $path => $value) {
            $field = $snapshot->catalogue->find($path);
            if ($field !== null && $value !== null) {
                $values[$path] = ValueCodec::read(Node::root($value, "/fields/{$path}"), $field);
            }
        }

        return new Facts($values, $zone->dateAt($at));
    }
}
