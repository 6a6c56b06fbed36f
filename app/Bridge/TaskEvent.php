<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Customer;
use App\Models\Task;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Routing\EventKind;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\Effort;

/** A task of the tables as the subject of an event. */
final class TaskEvent
{
    public static function arrival(Task $task, ?Customer $customer, Snapshot $snapshot): Event
    {
        $at = $task->arrived_at->getTimestamp();

        return new Event(
            'arrival-'.$task->id,
            EventKind::TaskArrives,
            $at,
            $task->id,
            self::facts($task, $customer, $snapshot, $at),
            new Effort($snapshot->usualMinutes[$task->task_kind_id] ?? 0, $task->estimate_minutes, $task->spent_minutes, $task->remaining_minutes),
            $task->priority,
            $task->starts_at?->getTimestamp(),
            $task->due_at?->getTimestamp(),
        );
    }

    private static function facts(Task $task, ?Customer $customer, Snapshot $snapshot, int $at): Facts
    {
        $zone = new Zone($snapshot->zone);
        $placeId = $customer?->place_id;
        /** @var list<string> $tags */
        $tags = $task->tags;
        $known = [
            'task.kind' => $snapshot->kindSlugs[$task->task_kind_id] ?? null,
            'task.title' => $task->title,
            'task.priority' => $task->priority->value,
            'task.estimate' => $task->estimate_minutes,
            'task.due' => $task->due_at === null ? null : $zone->dateAt($task->due_at->getTimestamp())->format(),
            'task.tags' => $tags,
            'task.source' => $task->source,
            'customer.name' => $customer?->name,
            'customer.tier' => $customer?->tier,
            'customer.region' => $snapshot->placeAt($placeId, 'region')?->slug,
            'customer.district' => $snapshot->placeAt($placeId, 'district')?->slug,
            'district.responsible' => $snapshot->answersFor($placeId, false),
            'district.deputy' => $snapshot->answersFor($placeId, true),
        ];
        $values = array_filter($known, static fn(string|int|array|null $value): bool => $value !== null);
        foreach ($task->facts as $path => $value) {
            $field = $snapshot->catalogue->find((string) $path);
            if ($field !== null && $value !== null) {
                $values[$path] = ValueCodec::read(Node::root($value, "/fields/{$path}"), $field);
            }
        }

        return new Facts($values, $zone->dateAt($at));
    }
}
