<?php

declare(strict_types=1);

namespace App\Bridge;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Routing\EventKind;
use OpenBaton\Core\Workload\Effort;

/** The arrivals of the last weeks as they were recorded, for trying rules on. */
final class RecentEvents
{
    /** @return list<Event> one for each task; its id is that of the task */
    public static function read(Snapshot $snapshot): array
    {
        $rows = DB::table('decisions')
            ->where('event', EventKind::TaskArrives->value)
            ->where('at', '>=', CarbonImmutable::now()->subDays(config()->integer('baton.recent_days')))
            ->orderBy('at')
            ->selectRaw('task_id, UNIX_TIMESTAMP(at) AS at, facts')
            ->get();
        $events = [];
        foreach ($rows as $row) {
            $at = (int) $row->at;
            $events[] = new Event(
                (string) $row->task_id,
                EventKind::TaskArrives,
                $at,
                (string) $row->task_id,
                self::facts((string) $row->facts, $snapshot, $at),
                new Effort(),
            );
        }

        return $events;
    }

    /** A value that the house no longer knows counts as missing. */
    private static function facts(string $json, Snapshot $snapshot, int $at): Facts
    {
        $values = [];
        foreach ((array) json_decode($json, true) as $path => $value) {
            $field = $snapshot->catalogue->find((string) $path);
            if ($field === null || $value === null) {
                continue;
            }
            try {
                $values[(string) $path] = ValueCodec::read(Node::root($value), $field);
            } catch (DocumentError) {
                continue;
            }
        }

        return new Facts($values, $snapshot->roster->house->zone()->dateAt($at));
    }
}
