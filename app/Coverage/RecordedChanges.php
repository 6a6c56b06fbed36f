<?php

declare(strict_types=1);

namespace App\Coverage;

use App\DomainEvents\SubjectChanged;
use App\DomainEvents\TaskChanged;
use App\Models\Events\RecordedEvent;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\ChangeFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\SubjectKind;

/** What happened in the last weeks, other than that tasks arrived, in order. */
final readonly class RecordedChanges
{
    public function __construct(private FieldCatalogue $fields, private ChangeFacts $seen) {}

    /** @return list<string> codes of the events that are kept for it */
    public static function kinds(): array
    {
        return [TaskChanged::code(), SubjectChanged::code()];
    }

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

    /**
     * @param SubjectKind $of what it happened to
     *
     * @return list<array{string, ChangeSet}> id of that and what happened to it, the latest first
     */
    public function latest(int $most, SubjectKind $of): array
    {
        $rows = self::query(0)->where('kind', $of === SubjectKind::Task ? TaskChanged::code() : SubjectChanged::code());
        if ($of === SubjectKind::Matter) {
            $rows->whereNotNull('case_id');
        } elseif ($of !== SubjectKind::Task) {
            $rows->whereNull('case_id')->whereNull('customer_id', not: $of === SubjectKind::Customer);
        }
        $changes = [];
        foreach ($rows->orderByDesc('id')->limit($most)->get() as $row) {
            $changes[] = [(string) ($row->task_id ?? ($row->case_id ?? $row->customer_id)), $this->read($row)];
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
            ->whereIn('kind', self::kinds())
            ->where('id', '>', $id)
            ->where('at', '>=', RecordedArrivals::since());
    }
}
