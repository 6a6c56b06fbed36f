<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\CustomField;
use App\Models\House;
use App\Models\Person;
use App\Models\Place;
use App\Models\TaskKind;
use Illuminate\Contracts\Cache\Repository as Cache;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\Workload\Priority;

/** Gives the snapshot of the house, kept in the cache by the revision of the roster. */
final class SnapshotSource
{
    private const SOURCES = ['web_form' => 'Web form', 'api' => 'Other system', 'by_hand' => 'By hand'];

    private const TIERS = ['ensemble' => 'Ensemble', 'school' => 'School', 'private' => 'Private'];

    private ?Snapshot $last = null;

    private string $lastKey = '';

    private ?Turn $seen = null;

    public function __construct(private readonly Cache $cache) {}

    public function current(): Snapshot
    {
        $this->seen = Turn::look();

        return $this->at($this->seen);
    }

    /** How things were when they were last looked at in this process; good enough for making ready. */
    public function lastSeen(): Turn
    {
        return $this->seen ??= Turn::look();
    }

    public function at(Turn $turn): Snapshot
    {
        $key = "snapshot:{$turn->houseId}:{$turn->rosterRevision}";
        if ($this->lastKey === $key && $this->last !== null) {
            return $this->last;
        }
        $known = $this->cache->get($key);
        if (! $known instanceof Snapshot) {
            $known = $this->build();
            $this->cache->put($key, $known, 3600);
        }
        $this->lastKey = $key;

        return $this->last = $known;
    }

    private function build(): Snapshot
    {
        $house = House::query()->firstOrFail();
        $personIds = $personSlugs = $kindNames = $kindSlugs = $usualMinutes = [];
        foreach (Person::query()->orderBy('position')->get(['id', 'slug']) as $person) {
            $personIds[$person->slug] = $person->id;
            $personSlugs[$person->id] = $person->slug;
        }
        foreach (TaskKind::query()->orderBy('position')->get() as $kind) {
            $kindNames[$kind->slug] = $kind->name;
            $kindSlugs[$kind->id] = $kind->slug;
            $usualMinutes[$kind->id] = $kind->usual_minutes;
        }
        $places = Place::query()->with(['responsible', 'deputy'])->orderBy('slug')->get()->mapWithKeys(static fn(Place $place): array => [
            $place->id => new KnownPlace($place->slug, $place->name, $place->level, $place->parent_id, $place->responsible?->slug, $place->deputy?->slug),
        ])->all();

        return new Snapshot(
            $house->roster_revision,
            $house->zone,
            RosterFormat::read(Node::root(RosterDocument::build($house))),
            $this->catalogue($kindNames, $places),
            $personIds,
            $personSlugs,
            $usualMinutes,
            $kindSlugs,
            $places,
        );
    }

    /**
     * The fields that every task has, then those that the house has added.
     *
     * @param array<string, string>     $kinds  name by slug
     * @param array<string, KnownPlace> $places
     */
    private function catalogue(array $kinds, array $places): FieldCatalogue
    {
        $fields = [
            $kinds === [] ? null : new Field('task.kind', 'Kind of task', FieldType::OneOf, $kinds),
            new Field('task.title', 'Title', FieldType::Text),
            new Field('task.priority', 'Priority', FieldType::OneOf, $this->priorities()),
            new Field('task.estimate', 'Estimate', FieldType::Duration),
            new Field('task.due', 'Due date', FieldType::Date),
            new Field('task.tags', 'Tags', FieldType::Tags),
            new Field('task.source', 'Came in by', FieldType::OneOf, self::SOURCES),
            new Field('customer.name', 'Customer', FieldType::Text),
            new Field('customer.tier', 'Customer tier', FieldType::OneOf, self::TIERS),
            $this->placeField('customer.region', 'Region', 'region', $places),
            $this->placeField('customer.district', 'District', 'district', $places),
            new Field('district.responsible', 'Responsible for the district', FieldType::Person),
            new Field('district.deputy', 'Deputy for the district', FieldType::Person),
        ];
        foreach (CustomField::query()->orderBy('position')->get() as $custom) {
            /** @var array<string, string> $options */
            $options = $custom->options ?? [];
            $fields[] = new Field($custom->path, $custom->label, FieldType::from($custom->type), $options);
        }

        return new FieldCatalogue(array_values(array_filter($fields)));
    }

    /** @return array<string, string> */
    private function priorities(): array
    {
        $labels = [];
        foreach (Priority::cases() as $priority) {
            $labels[$priority->value] = ucfirst($priority->value);
        }

        return $labels;
    }

    /** @param array<string, KnownPlace> $places */
    private function placeField(string $path, string $label, string $level, array $places): ?Field
    {
        $options = [];
        foreach ($places as $place) {
            if ($place->level === $level) {
                $options[$place->slug] = $place->name;
            }
        }

        return $options === [] ? null : new Field($path, $label, FieldType::OneOf, $options);
    }
}
