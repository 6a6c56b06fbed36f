<?php

declare(strict_types=1);

namespace App\House;

use App\Models\People\Person;
use App\Models\People\Place;
use App\Tables\ImportRow;
use App\Tables\Names;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/** Rows of a table of places with all that they name, fetched at once: people say names where documents have ids. */
final class PlacesPiece
{
    /** @var array<string, array<string, Place>> by id, and by name in small letters, and then by id */
    private array $places = [];

    private readonly Names $people;

    public readonly PlaceReader $reader;

    /**
     * @param list<ImportRow> $rows
     * @param list<Place>     $coming places that rows before these would make
     */
    public function __construct(array $rows, array $coming = [])
    {
        $named = ImportRow::texts($rows, 'id', 'name', 'in');
        $known = Place::query()->with('parent')->whereIn('slug', $named)->orWhereIn('name', $named)->get();
        $this->people = new Names();
        $people = array_fill_keys(ImportRow::texts($rows, 'responsible', 'deputy'), null);
        foreach (
            Person::query()
                ->whereIn('slug', array_keys($people))
                ->orWhereIn('name', array_keys($people))
                ->get(['id', 'slug', 'name'])
            as $person
        ) {
            $this->people->add($person->slug, $person->name);
            $people[$person->slug] = $person->id;
        }
        $this->reader = new PlaceReader([], $people);
        foreach ([...$known, ...$coming] as $place) {
            $this->put($place);
        }
    }

    /** A place as it is by now, for the rows to come. */
    public function put(Place $place): void
    {
        foreach ([$place->slug, mb_strtolower($place->name)] as $name) {
            $this->places[$name][$place->slug] = $place;
        }
        $this->reader->know($place);
    }

    /**
     * @return Place|null null: a new one
     *
     * @throws DocumentError where it can't be told which one is meant
     */
    public function place(ImportRow $row): ?Place
    {
        $id = $row->document['id'] ?? null;
        if (is_string($id)) {
            return $this->places[$id][$id] ??
                throw DocumentError::at('/id', 'There is no place "{given}".', given: $id);
        }
        $found = $this->places[mb_strtolower($row->text('name'))] ?? [];
        $in = $this->in($row);
        if ($in !== null) {
            $found = array_filter($found, static fn(Place $one): bool => $one->parent?->slug === $in);
        }

        return count($found) > 1
            ? throw DocumentError::at('/name', 'There are several places of this name; say in which it lies.')
            : array_values($found)[0] ?? null;
    }

    /** @throws DocumentError where a name is that of nothing, or of several */
    public function document(ImportRow $row, ?Place $place): Node
    {
        $given = $row->document;
        if ($place === null && !isset($given['name'])) {
            throw DocumentError::at('/name', 'This is needed.');
        }
        $document = array_intersect_key($given, ['name' => true]);
        if (isset($given['in'])) {
            $document['in'] = $this->in($row);
        }
        foreach (['responsible', 'deputy'] as $role) {
            if (isset($given[$role])) {
                $document[$role] = $this->people->one($row->text($role), "/{$role}");
            }
        }

        return Node::root($document);
    }

    /** @return string|null the id of what it lies in; what is not known stays as it is, and is refused later */
    private function in(ImportRow $row): ?string
    {
        $given = $row->text('in');
        if ($given === '') {
            return null;
        }
        $found = array_keys($this->places[$given] ?? ($this->places[mb_strtolower($given)] ?? []));

        return match (count($found)) {
            0 => $given,
            1 => (string) $found[0],
            default => throw DocumentError::at(
                '/in',
                'There are several called "{given}"; give the id.',
                given: $given,
            ),
        };
    }
}
