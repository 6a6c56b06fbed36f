<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Writes;
use OpenBaton\Core\Routing\Ring;

/** A rotation as it stands in the tables. */
final class StoredRotation
{
    /** @var array<string, int> by id of the person */
    private array $marks = [];

    /** @var array<string, int> by id of the person */
    private array $positions = [];

    public function __construct(public readonly string $id, private readonly int $now) {}

    /** @param mixed $personId null where nobody sits in it yet */
    public function seat(mixed $personId, int $position, int $mark): void
    {
        if (is_string($personId)) {
            $this->marks[$personId] = $mark;
            $this->positions[$personId] = $position;
        }
    }

    public function ring(string $name, Snapshot $snapshot): Ring
    {
        asort($this->positions);
        $marks = [];
        foreach (array_keys($this->positions) as $personId) {
            $slug = $snapshot->personSlugs[$personId] ?? null;
            if ($slug !== null) {
                $marks[$slug] = $this->marks[$personId];
            }
        }

        return new Ring($name, $this->now, $marks);
    }

    /** Writes what has changed. */
    public function save(Ring $after, Snapshot $snapshot, Writes $writes): void
    {
        $joined = [];
        $next = $this->positions === [] ? 0 : max($this->positions) + 1;
        foreach ($after->marks as $slug => $mark) {
            $personId = $snapshot->personIds[$slug];
            if (! isset($this->marks[$personId])) {
                $joined[] = ['rotation_id' => $this->id, 'person_id' => $personId, 'position' => $next++, 'mark' => $mark];
            } elseif ($this->marks[$personId] !== $mark) {
                $writes->add('UPDATE rotation_seats SET mark = ? WHERE rotation_id = ? AND person_id = ?', [$mark, $this->id, $personId]);
            }
        }
        if ($joined !== []) {
            $writes->insert('rotation_seats', $joined);
        }
        if ($after->now !== $this->now) {
            $writes->add('UPDATE rotations SET now = ? WHERE id = ?', [$after->now, $this->id]);
        }
    }
}
