<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Rules\Rotation;
use App\Models\Rules\RotationAct;
use App\Models\Rules\RotationSeat;
use App\Models\Rules\RotationTurn;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Routing\Rotation as CoreRotation;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Turn;

/** The state of rotations, locked until the transaction ends and written back by what changed. */
final class RotationStore
{
    private const PASSED_OVER_MOST = 6;

    /** @var array<array-key, Rotation> those that there are, by name */
    private array $stored = [];
    private Rotations $loaded;

    public function __construct()
    {
        $this->loaded = new Rotations();
    }

    /**
     * Just these as they are stored, locked; one that was never used is empty.
     *
     * @param list<string> $names
     */
    public function load(array $names, Snapshot $house): Rotations
    {
        if ($names === []) {
            return new Rotations();
        }
        $this->stored = self::rows(Rotation::query()->whereIn('name', $names)->lockForUpdate()) + $this->stored;
        $asked = array_intersect_key($this->stored, array_flip($names));
        $found = Rotations::of(
            array_map(static fn(Rotation $row): CoreRotation => self::core($row, $house), array_values($asked)),
        )->only($names);
        foreach ($found->byName as $rotation) {
            $this->loaded = $this->loaded->with($rotation);
        }

        return $found;
    }

    /**
     * How they are, without a lock.
     *
     * @param list<string> $names
     */
    public static function read(array $names, Snapshot $house): Rotations
    {
        return Rotations::of(
            array_values(
                array_map(
                    static fn(Rotation $row): CoreRotation => self::core($row, $house),
                    self::rows(Rotation::query()->whereIn('name', $names)),
                ),
            ),
        )->only($names);
    }

    /**
     * With their seats, in one round trip.
     *
     * @param Builder<Rotation> $query
     *
     * @return array<array-key, Rotation> by name
     */
    private static function rows(Builder $query): array
    {
        $rows = [];
        $seats = [];
        foreach (
            $query
                ->leftJoin('rotation_seats', 'rotation_seats.rotation_id', 'rotations.id')
                ->orderBy('position')
                ->get(['rotations.*', 'person_id', 'position', 'pass'])
            as $row
        ) {
            $rows[$row->name] ??= $row;
            if ($row->getAttribute('person_id') !== null) {
                $seats[$row->name][] = (new RotationSeat())->forceFill(
                    $row->only(['person_id', 'position', 'pass']) + ['rotation_id' => $row->id],
                );
            }
        }
        foreach ($rows as $name => $row) {
            $row->setRelation('seats', new Collection($seats[$name] ?? []));
        }

        return $rows;
    }

    private static function core(Rotation $row, Snapshot $house): CoreRotation
    {
        $passes = [];
        foreach ($row->seats as $seat) {
            $slug = $house->personSlugs[$seat->person_id] ?? null;
            if ($slug !== null) {
                $passes[$slug] = $seat->pass;
            }
        }

        return new CoreRotation($row->name, $row->virtual_time, $passes);
    }

    /** Writes how those are that took a turn. */
    public function saveAll(Rotations $after, Snapshot $house): void
    {
        foreach ($after->byName as $name => $rotation) {
            $before = $this->loaded->byName[$name] ?? null;
            if (
                $before === null ||
                $before->passes !== $rotation->passes ||
                $before->virtualTime !== $rotation->virtualTime
            ) {
                $this->save($rotation, $house);
            }
        }
    }

    /**
     * Records the turns that were taken, in one round trip.
     *
     * @param list<array{Turn, string}> $turns with the id of the task
     */
    public function record(array $turns, Snapshot $house, CarbonImmutable $at): void
    {
        $rows = array_map(
            fn(array $one): array => [
                'id' => (new RotationTurn())->newUniqueId(),
                'rotation_id' => $this->stored[$one[0]->rotation]->id,
                'at' => $at,
                'kind' => RotationAct::Taken->value,
                'person_id' => $house->idOf($one[0]->personId),
                'for_id' => $house->idOf($one[0]->inPlaceOf),
                'task_id' => $one[1],
                'passed_over' => json_encode(
                    array_map(
                        DecisionRecord::excluded(...),
                        array_slice($one[0]->passedOver, 0, self::PASSED_OVER_MOST),
                    ),
                    JSON_THROW_ON_ERROR,
                ),
            ],
            $turns,
        );
        if ($rows !== []) {
            RotationTurn::query()->insert($rows);
        }
    }

    /** Writes how one is after a turn; whoever joined sits behind those who are there. */
    public function save(CoreRotation $after, Snapshot $house): Rotation
    {
        $row = $this->stored[$after->name] ??= Rotation::query()
            ->create(['name' => $after->name, 'virtual_time' => $after->virtualTime])
            ->setRelation('seats', new Collection());
        $seats = $row->seats->keyBy('person_id');
        $position = $row->seats->last()->position ?? -1;
        $joined = [];
        foreach ($after->passes as $slug => $pass) {
            $personId = $house->personIds[$slug];
            $seat = $seats->get($personId);
            if ($seat === null) {
                $joined[] = [
                    'rotation_id' => $row->id,
                    'person_id' => $personId,
                    'position' => ++$position,
                    'pass' => $pass,
                ];
            } elseif ($seat->pass !== $pass) {
                RotationSeat::query()
                    ->where('rotation_id', $row->id)
                    ->where('person_id', $personId)
                    ->update(['pass' => $pass]);
            }
        }
        if ($joined !== []) {
            RotationSeat::query()->insert($joined);
        }
        if ($row->virtual_time !== $after->virtualTime) {
            Rotation::query()
                ->whereKey($row->id)
                ->update(['virtual_time' => $after->virtualTime]);
        }

        return $row;
    }
}
