<?php

declare(strict_types=1);

namespace App\Cover;

use App\Bridge\HouseState;
use App\Bridge\RulebookReader;
use App\Bridge\Snapshot;
use App\Explain\HouseWords;
use App\Models\Customer;
use App\Models\CustomField;
use App\Models\Place;
use App\Models\Rotation;
use App\Models\RotationSeat;
use App\Models\Task;
use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Check\Mention;
use OpenBaton\Core\Check\Mentions;
use OpenBaton\Core\Criteria\FieldType;

/**
 * Where the house names a person: in rules, rotations, places, customers and
 * fields of tasks; and who answers there while they are away.
 *
 * @phpstan-type Line array{said: string, url: string|null, instead: array{slug: string, name: string}|null, gap: bool}
 */
final readonly class NamedWhere
{
    public function __construct(private RulebookReader $rulebooks) {}

    /** @return list<Line> */
    public function during(Absence $absence, Snapshot $house, HouseWords $words, int $now): array
    {
        $cover = (new SubstituteFinder($house->roster->with($absence->approved())))->find($absence->personId, max($now, $absence->span->from));
        $person = $cover->isSubstitute() ? $cover->personId : null;
        $instead = $person === null ? null : ['slug' => $person, 'name' => $words->person($person)];
        $lines = [];
        foreach ($this->mentions($absence->personId) as $mention) {
            $lines[] = [
                'said' => $words->words->say("cover.named.{$mention->place->value}", ['rule' => $mention->rule->name, 'alone' => $mention->alone ? 'true' : 'false']),
                'url' => '/rulebook?rule='.rawurlencode($mention->rule->id),
                'instead' => $mention->alone ? $instead : null,
                'gap' => $mention->alone && $mention->rule->active && $instead === null,
            ];
        }
        foreach ($this->elsewhere($absence->personId, $house, $words) as [$said, $answers]) {
            $lines[] = ['said' => $said, 'url' => null, 'instead' => $answers ? $instead : null, 'gap' => $answers && $instead === null];
        }

        return $lines;
    }

    /** @return list<Mention> of the published rules */
    private function mentions(string $person): array
    {
        return Mentions::of($this->rulebooks->compiled(HouseState::read()->versionId)->rulebook, $person);
    }

    /** @return list<array{said: string, url: string}> the published rules that name somebody */
    public function rulesOf(string $person, HouseWords $words): array
    {
        return array_map(static fn(Mention $mention): array => [
            'said' => $words->words->say("cover.named.{$mention->place->value}", ['rule' => $mention->rule->name, 'alone' => $mention->alone ? 'true' : 'false']),
            'url' => '/rulebook?rule='.rawurlencode($mention->rule->id),
        ], $this->mentions($person));
    }

    /** @return list<array{string, bool}> what is said, and whether somebody has to answer there */
    public function elsewhere(string $person, Snapshot $house, HouseWords $words): array
    {
        $id = $house->personIds[$person];
        $lines = [];
        foreach (Rotation::query()->whereIn('id', RotationSeat::query()->where('person_id', $id)->select('rotation_id'))->orderBy('name')->get() as $rotation) {
            $lines[] = [$words->words->say('cover.named.rotation', ['rotation' => $rotation->name]), false];
        }
        foreach (['responsible' => 'responsible_id', 'deputy' => 'deputy_id'] as $as => $column) {
            foreach (Place::query()->where($column, $id)->orderBy('name')->get() as $place) {
                $lines[] = [$words->words->say("cover.named.{$as}", ['place' => $place->name]), true];
            }
        }
        $customers = Customer::query()->where('owner_id', $id)->count();
        if ($customers > 0) {
            $lines[] = [$words->words->say('cover.named.customers', ['count' => $customers]), true];
        }
        foreach (CustomField::query()->where('type', FieldType::Person)->orderBy('position')->get() as $field) {
            $tasks = Task::query()->open()->whereJsonContains("facts->{$field->path}", $person)->count();
            if ($tasks > 0) {
                $lines[] = [$words->words->say('cover.named.field', ['field' => $field->label, 'count' => $tasks]), true];
            }
        }

        return $lines;
    }
}
