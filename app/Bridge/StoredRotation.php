<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\OneStatement;
use OpenBaton\Core\Routing\Ring;

/** A rotation as it stands in the tables. */
final class StoredRotation
{
    /** @var array<string, int> by id of the person, in ring order */
    private array $marks = [];

    private int $next = 0;

    public function __construct(public readonly string $id, private readonly int $now) {}

    /** @param mixed $personId null where nobody sits in it yet */
    public function seat(mixed $personId, int $position, int $mark): void
    {
        if (is_string($personId)) {
            $this->marks[$personId] = $mark;
            $this->next = $position + 1;
        }
    }

    public function ring(string $name, Snapshot $snapshot): Ring
    {
        $marks = [];
        foreach ($this->marks as $personId => $mark) {
            $slug = $snapshot->personSlugs[$personId] ?? null;
            if ($slug !== null) {
                $marks[$slug] = $mark;
            }
        }

        return new Ring($name, $this->now, $marks);
    }

    /** Writes what has changed. */
    public function save(Ring $after, Snapshot $snapshot, OneStatement $writes): void
    {
        $joined = $changed = [];
        foreach ($after->marks as $slug => $mark) {
            $personId = $snapshot->personIds[$slug];
            if (! isset($this->marks[$personId])) {
                $joined[] = ['rotation_id' => $this->id, 'person_id' => $personId, 'position' => $this->next++, 'mark' => $mark];
            } elseif ($this->marks[$personId] !== $mark) {
                $changed[$personId] = $mark;
            }
        }
        if ($joined !== []) {
            $writes->insert('rotation_seats', $joined);
        }
        if ($changed !== []) {
            $this->write($after->now, $changed, $writes);
        } elseif ($after->now !== $this->now) {
            $writes->add('UPDATE rotations SET now = ? WHERE id = ?', [$after->now, $this->id]);
        }
    }

    /** @param non-empty-array<string, int> $marks by id of the person */
    private function write(int $now, array $marks, OneStatement $writes): void
    {
        $each = static fn(string $piece): string => implode(' ', array_fill(0, count($marks), $piece));
        $values = [];
        foreach ($marks as $personId => $mark) {
            array_push($values, $personId, $mark);
        }
        $writes->add(
            'UPDATE rotations JOIN rotation_seats ON rotation_seats.rotation_id = rotations.id'
            ." SET rotations.now = ?, rotation_seats.mark = CASE rotation_seats.person_id {$each('WHEN ? THEN ?')} ELSE rotation_seats.mark END"
            .' WHERE rotations.id = ?',
            [$now, ...$values, $this->id],
        );
    }
}
