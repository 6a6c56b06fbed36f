<?php

declare(strict_types=1);

namespace App\Absences;

use App\Bridge\HouseAt;
use App\Bridge\Snapshot;
use App\Models\Customers\Customer;
use App\Models\House\CustomField;
use App\Models\People\Place;
use App\Models\Rules\Rotation;
use App\Models\Rules\RotationSeat;
use App\Models\Tasks\Task;
use OpenBaton\Core\Check\Mention;
use OpenBaton\Core\Check\Mentions;
use OpenBaton\Core\Criteria\FieldType;

/** Where the house names a person: in rules, rotations, places, customers and fields of tasks. */
final readonly class NamedWhere
{
    /** @return list<Mention> in the published rules */
    public function rules(string $person, HouseAt $house): array
    {
        return Mentions::of($house->rulebook()->rulebook, $person);
    }

    /** @return list<Naming> */
    public function elsewhere(string $person, Snapshot $house): array
    {
        $id = $house->personIds[$person];
        $found = [];
        foreach (
            Rotation::query()
                ->whereIn('id', RotationSeat::query()->where('person_id', $id)->select('rotation_id'))
                ->orderBy('name')
                ->get()
            as $rotation
        ) {
            $found[] = new Naming('rotation', ['rotation' => $rotation->name], false);
        }
        foreach (['responsible' => 'responsible_id', 'deputy' => 'deputy_id'] as $as => $column) {
            foreach (Place::query()->where($column, $id)->orderBy('name')->get() as $place) {
                $found[] = new Naming($as, ['place' => $place->name], true);
            }
        }
        $customers = Customer::query()->where('owner_id', $id)->count();
        if ($customers > 0) {
            $found[] = new Naming('customers', ['count' => $customers], true);
        }
        foreach (CustomField::query()->where('type', FieldType::Person)->orderBy('position')->get() as $field) {
            $tasks = Task::query()
                ->open()
                ->whereJsonContains("facts->{$field->path}", $person)
                ->count();
            if ($tasks > 0) {
                $found[] = new Naming('field', ['field' => $field->label, 'count' => $tasks], true);
            }
        }

        return $found;
    }
}
