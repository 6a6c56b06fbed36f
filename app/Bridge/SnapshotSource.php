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

    private const RECENT = Snapshot::SHAPE.':recent turn';

    private ?Snapshot $last = null;

    private ?Turn $recent = null;

    public function __construct(private readonly Cache $cache) {}

    public function current(): Snapshot
    {
        return $this->at(Turn::look());
    }

    /** How things were when somebody on this machine last looked, which is nearly always how they are. */
    public function recent(): Turn
    {
        $known = $this->recent ?? $this->cache->get(self::RECENT);

        return $known instanceof Turn ? $this->recent = $known : $this->seen(Turn::look());
    }

    public function at(Turn $turn): Snapshot
    {
        $this->seen($turn);
        if ($this->last?->name() === $turn->house()) {
            return $this->last;
        }
        $key = Snapshot::SHAPE.":snapshot:{$turn->house()}";
        $known = $this->cache->get($key);
        if (! $known instanceof Snapshot) {
            $known = $this->build($turn);
            $this->cache->put($key, $known, 3600);
        }

        return $this->last = $known;
    }

    private function seen(Turn $turn): Turn
    {
        if ($this->recent?->is($turn) !== true) {
            $this->cache->put(self::RECENT, $turn, 3600);
        }

        return $this->recent = $turn;
    }

    private function build(Turn $turn): Snapshot
    {
        $house = House::query()->firstOrFail();
        $personIds = $personSlugs = $kinds = [];
        foreach (Person::query()->orderBy('position')->get(['id', 'slug']) as $person) {
            $personIds[$person->slug] = $person->id;
            $personSlugs[$person->id] = $person->slug;
        }
        foreach (TaskKind::query()->orderBy('position')->get() as $kind) {
            $kinds[$kind->id] = new KnownKind($kind->id, $kind->slug, $kind->name, $kind->usual_minutes);
        }
        return new Snapshot(
            // Not of the row that was read: that may be of a later revision by now, and the rest of an earlier one.
            $turn->houseId,
            $turn->rosterRevision,
            $house->zone,
            RosterFormat::read(Node::root(RosterDocument::build($house))),
            $this->catalogue($kinds),
            $personIds,
            $personSlugs,
            $kinds,
        );
    }

    /**
     * The fields that every task has, then those that the house has added.
     *
     * @param array<string, KnownKind> $kinds
     */
    private function catalogue(array $kinds): FieldCatalogue
    {
        $fields = [
            $kinds === [] ? null : new Field('task.kind', 'Kind of task', FieldType::OneOf, array_column($kinds, 'name', 'slug')),
            new Field('task.title', 'Title', FieldType::Text),
            new Field('task.priority', 'Priority', FieldType::OneOf, $this->priorities()),
            new Field('task.estimate', 'Estimate', FieldType::Duration),
            new Field('task.due', 'Due date', FieldType::Date),
            new Field('task.tags', 'Tags', FieldType::Tags),
            new Field('task.source', 'Came in by', FieldType::OneOf, self::SOURCES),
            new Field('customer.name', 'Customer', FieldType::Text),
            new Field('customer.tier', 'Customer tier', FieldType::OneOf, self::TIERS),
            $this->placeField('customer.region', 'Region', 'region'),
            $this->placeField('customer.district', 'District', 'district'),
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

    private function placeField(string $path, string $label, string $level): ?Field
    {
        /** @var array<string, string> $options */
        $options = Place::query()->where('level', $level)->orderBy('slug')->pluck('name', 'slug')->all();

        return $options === [] ? null : new Field($path, $label, FieldType::OneOf, $options);
    }
}
