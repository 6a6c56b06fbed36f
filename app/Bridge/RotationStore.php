<?php

declare(strict_types=1);

namespace App\Bridge;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenBaton\Core\Routing\Ring;
use OpenBaton\Core\Routing\Rings;

/** The state of the rotations, read for update and written back by what changed. */
final readonly class RotationStore
{
    /** @param array<string, string> $ids by name */
    private function __construct(public Rings $rings, private array $ids, private Snapshot $snapshot) {}

    /**
     * Rotations with their seats, locked until the transaction ends.
     *
     * @param list<string> $names
     */
    public static function lock(array $names, Snapshot $snapshot): self
    {
        $rows = $names === [] ? [] : DB::table('rotations')
            ->whereIn('rotations.name', $names)
            ->leftJoin('rotation_seats', 'rotation_seats.rotation_id', '=', 'rotations.id')
            ->orderBy('rotations.id')
            ->orderBy('rotation_seats.position')
            ->lockForUpdate()
            ->get(['rotations.id', 'rotations.name', 'rotations.now', 'rotation_seats.person_id', 'rotation_seats.mark']);
        $ids = [];
        $nows = [];
        $marks = [];
        foreach ($rows as $row) {
            $name = (string) $row->name;
            $ids[$name] = (string) $row->id;
            $nows[$name] = (int) $row->now;
            $slug = $snapshot->personSlugs[(string) $row->person_id] ?? null;
            if ($slug !== null) {
                $marks[$name][$slug] = (int) $row->mark;
            }
        }
        $rings = [];
        foreach ($nows as $name => $now) {
            $rings[] = new Ring($name, $now, $marks[$name] ?? []);
        }

        return new self(Rings::of($rings), $ids, $snapshot);
    }

    public function save(Ring $after): void
    {
        $id = $this->ids[$after->name] ?? null;
        if ($id === null) {
            $id = strtolower((string) Str::ulid());
            DB::table('rotations')->insert(['id' => $id, 'name' => $after->name, 'now' => $after->now]);
        } else {
            DB::table('rotations')->where('id', $id)->update(['now' => $after->now]);
        }

        $before = $this->rings->ring($after->name)->marks;
        $changed = [];
        $position = 0;
        foreach ($after->marks as $slug => $mark) {
            if (($before[$slug] ?? null) !== $mark) {
                $changed[] = ['rotation_id' => $id, 'person_id' => $this->snapshot->personIds[$slug], 'position' => $position, 'mark' => $mark];
            }
            ++$position;
        }
        DB::table('rotation_seats')->upsert($changed, ['rotation_id', 'person_id'], ['position', 'mark']);
    }
}
