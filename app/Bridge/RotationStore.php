<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Id;
use App\Database\Writes;
use OpenBaton\Core\Routing\Ring;
use OpenBaton\Core\Routing\Rings;
use stdClass;

/** The state of the rotations in one's turn, locked until the transaction ends and written back by what changed. */
final class RotationStore
{
    /** @var array<string, true> the rotations that were asked for, by name */
    private array $asked;

    /** @var array<string, StoredRotation> those of them that there are, by name */
    private array $stored = [];

    /**
     * @param list<string>         $names
     * @param array<int, stdClass> $rows  the answer of Turn::taking() with these names
     */
    public function __construct(array $names, array $rows)
    {
        $this->asked = array_fill_keys($names, true);
        foreach ($rows as $row) {
            if (isset($row->rotation_id)) {
                $rotation = $this->stored[(string) $row->name] ??= new StoredRotation((string) $row->rotation_id, (int) $row->now);
                $rotation->seat($row->person_id, (int) $row->position, (int) $row->mark);
            }
        }
    }

    /**
     * Those of these names; which one does not have yet is locked now.
     *
     * @param list<string> $names
     */
    public function rings(array $names, Snapshot $snapshot): Rings
    {
        $missing = array_values(array_filter($names, fn(string $name): bool => ! isset($this->asked[$name])));
        if ($missing !== []) {
            $more = new self($missing, Turn::taking($missing)->ask());
            $this->asked += $more->asked;
            $this->stored += $more->stored;
        }
        $rings = [];
        foreach ($names as $name) {
            if (isset($this->stored[$name])) {
                $rings[] = $this->stored[$name]->ring($name, $snapshot);
            }
        }

        return Rings::of($rings);
    }

    /** Writes how one is after a turn. */
    public function save(Ring $after, Snapshot $snapshot, Writes $writes): void
    {
        $stored = $this->stored[$after->name] ?? null;
        if ($stored === null) {
            $stored = new StoredRotation(Id::next(), $after->now);
            $writes->insert('rotations', [['id' => $stored->id, 'name' => $after->name, 'now' => $after->now]]);
        }
        $stored->save($after, $snapshot, $writes);
    }
}
