<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Fields\AskedField;
use App\Fields\FieldProviders;
use App\Fields\KnownKind;
use App\Models\Cases\Track as TrackRow;
use App\Models\Duties\Duty;
use App\Models\House\CustomField;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Checklist as ChecklistRow;
use App\Models\Tasks\TaskKind;
use Illuminate\Contracts\Cache\Repository as Cache;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\Document\TrackFormat;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Rulebook\Checklist;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\Completion;

/** Gives the snapshot of the house, kept in the cache by the revision of the roster. */
final class SnapshotSource
{
    private const RECENT = Snapshot::SHAPE . ':recent state';

    private ?Snapshot $last = null;

    private ?HouseState $recent = null;

    public function __construct(private readonly Cache $cache, private readonly FieldProviders $fields) {}

    public function current(): Snapshot
    {
        return $this->at(HouseState::read());
    }

    /** How things were when somebody on this machine last looked, which is nearly always how they are. */
    public function recent(): HouseState
    {
        $known = $this->recent ?? $this->cache->get(self::RECENT);

        return $known instanceof HouseState ? ($this->recent = $known) : $this->seen(HouseState::read());
    }

    public function at(HouseState $state): Snapshot
    {
        $this->seen($state);
        if ($this->last?->name() === $state->snapshotName()) {
            return $this->last;
        }
        $key = Snapshot::SHAPE . ":snapshot:{$state->snapshotName()}";
        $known = $this->cache->get($key);
        if (!($known instanceof Snapshot)) {
            $known = $this->build($state);
            $this->cache->put($key, $known, 3600);
        }

        return $this->last = $known;
    }

    private function seen(HouseState $state): HouseState
    {
        if ($this->recent?->decidesLike($state) !== true) {
            $this->cache->put(self::RECENT, $state, 3600);
        }

        return $this->recent = $state;
    }

    private function build(HouseState $state): Snapshot
    {
        $house = House::query()->firstOrFail();
        $personIds = $personSlugs = $kinds = [];
        foreach (
            Person::query()
                ->orderBy('position')
                ->get(['id', 'slug'])
            as $person
        ) {
            $personIds[$person->slug] = $person->id;
            $personSlugs[$person->id] = $person->slug;
        }
        foreach (TaskKind::query()->orderBy('position')->get() as $kind) {
            $kinds[$kind->id] = new KnownKind(
                $kind->id,
                $kind->slug,
                $kind->name,
                $kind->usual_minutes,
                $kind->defaults ?? [],
                AskedField::list($kind->asks),
                Completion::read($kind->to_complete),
                (bool) $kind->needed,
            );
        }
        $fields = $this->fields->catalogue($house);
        $checklists = [];
        foreach (ChecklistRow::query()->orderBy('position')->get() as $checklist) {
            /** @var non-empty-list<string> $items */
            $items = $checklist->items;
            $checklists[$checklist->slug] = new Checklist($checklist->slug, $checklist->name, $items);
        }

        [$tracks, $trackSlugs] = self::tracks($fields);

        return new Snapshot(
            // Not of the row that was read: that may be of a later revision by now, and the rest of an earlier one.
            $state->houseId,
            $state->rosterRevision,
            $house->zone,
            RosterFormat::read(Node::root(RosterDocument::current($house)), $fields),
            $fields,
            $personIds,
            $personSlugs,
            $kinds,
            $checklists,
            array_values(
                CustomField::query()
                    ->orderBy('position')
                    ->get('path')
                    ->map(static fn(CustomField $field): string => $field->path)
                    ->all(),
            ),
            (bool) $house->tasks_are_open,
            $tracks,
            $trackSlugs,
            self::duties(),
            self::runsheets(),
        );
    }

    /** @return array<array-key, string> names of those that are published, by slug */
    private static function runsheets(): array
    {
        $names = [];
        foreach (
            Runsheet::query()
                ->whereNotNull('published_id')
                ->orderBy('position')
                ->get(['slug', 'name'])
            as $sheet
        ) {
            $names[$sheet->slug] = $sheet->name;
        }

        return $names;
    }

    /** @return array<string, string> slug by id */
    private static function duties(): array
    {
        $slugs = [];
        foreach (Duty::withTrashed()->get(['id', 'slug']) as $duty) {
            $slugs[$duty->id] = $duty->slug;
        }

        return $slugs;
    }

    /** @return array{array<array-key, Track>, array<string, string>} by slug, and slug by id */
    private static function tracks(FieldCatalogue $fields): array
    {
        // Whom they name is not checked: what was published stays as it is, whatever becomes of the house.
        $format = new TrackFormat(new RuleContext(KindRegistry::standard(), $fields));
        $tracks = $slugs = [];
        foreach (
            TrackRow::query()->whereNotNull('published_id')->with('published')->orderBy('position')->get()
            as $row
        ) {
            $tracks[$row->slug] = $format->read(Node::root($row->published->document ?? []));
            $slugs[$row->id] = $row->slug;
        }

        return [$tracks, $slugs];
    }
}
