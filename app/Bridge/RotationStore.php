<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Rotation;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Routing\Ring;
use OpenBaton\Core\Routing\Rings;

/** The state of the rotations, read for update and written back by what changed. */
final class RotationStore
{
    /** All rotations with their seats, locked until the transaction ends. */
    public static function lock(Snapshot $snapshot): Rings
    {
        $rows = DB::table('rotations')
            ->leftJoin('rotation_seats', 'rotation_seats.rotation_id', '=', 'rotations.id')
            ->orderBy('rotations.id')
            ->orderBy('rotation_seats.position')
            ->lockForUpdate()
            ->get(['rotations.name', 'rotations.now', 'rotation_seats.person_id', 'rotation_seats.mark']);
        $nows = [];
        $marks = [];
        foreach ($rows as $row) {
            $name = (string) $row->name;
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

        return Rings::of($rings);
    }

    public static function save(Ring $before, Ring $after, Snapshot $snapshot): void
    {
        $rotation = Rotation::query()->firstOrCreate(['name' => $after->name]);
        $rotation->now = max(0, $after->now);
        $rotation->save();

        $changed = [];
        $position = 0;
        foreach ($after->marks as $slug => $mark) {
            if (($before->marks[$slug] ?? null) !== $mark) {
                $changed[] = [
                    'rotation_id' => $rotation->id,
                    'person_id' => $snapshot->personIds[$slug],
                    'position' => $position,
                    'mark' => $mark,
                ];
            }
            ++$position;
        }
        DB::table('rotation_seats')->upsert($changed, ['rotation_id', 'person_id'], ['position', 'mark']);
    }
}
