<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Models\RecordedChange;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\ChangeFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\ChangeSet;

/** What happened to tasks in the last weeks other than that they arrived, in the order in which it was put down. */
final readonly class RecordedChanges
{
    public function __construct(private FieldCatalogue $fields) {}

    public static function countAfter(int $id): int
    {
        return self::query($id)->count();
    }

    /** @return array<int, ChangeSet> by id of the record */
    public function after(int $id, int $most): array
    {
        $changes = [];
        foreach (self::query($id)->orderBy('id')->limit($most)->get() as $row) {
            $changes[$row->id] = ChangeFormat::read(Node::root($row->document), $this->fields);
        }

        return $changes;
    }

    /** @return Builder<RecordedChange> */
    private static function query(int $id): Builder
    {
        return RecordedChange::query()->where('id', '>', $id)->where('at', '>=', RecordedArrivals::since());
    }
}
