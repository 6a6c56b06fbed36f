<?php

declare(strict_types=1);

namespace App\Coverage;

use App\DomainEvents\TaskChanged;
use App\Models\Events\RecordedEvent;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\ChangeFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;

/** What happened to tasks in the last weeks other than that they arrived, in order. */
final readonly class RecordedChanges
{
    public function __construct(private FieldCatalogue $fields, private ChangeFacts $seen) {}

    public static function countAfter(int $id): int
    {
        return self::query($id)->count();
    }

    /** @return array<int, ChangeSet> by id of the record */
    public function after(int $id, int $most): array
    {
        $changes = [];
        foreach (self::query($id)->orderBy('id')->limit($most)->get() as $row) {
            $changes[$row->id] = $this->read($row);
        }

        return $changes;
    }

    /** @return list<array{string, ChangeSet}> id of the task and what happened to it, the latest first */
    public function latest(int $most): array
    {
        $changes = [];
        foreach (self::query(0)->orderByDesc('id')->limit($most)->get() as $row) {
            $changes[] = [(string) $row->task_id, $this->read($row)];
        }

        return $changes;
    }

    private function read(RecordedEvent $row): ChangeSet
    {
        $change = ChangeFormat::read(Node::root($row->data ?? []), $this->fields);

        return $change->seenAs($this->seen->lookedUp($change->facts, $change->at));
    }

    /** @return Builder<RecordedEvent> */
    private static function query(int $id): Builder
    {
        return RecordedEvent::query()
            ->where('kind', TaskChanged::code())
            ->where('id', '>', $id)
            ->where('at', '>=', RecordedArrivals::since());
    }
}
