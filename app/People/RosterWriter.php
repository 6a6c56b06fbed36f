<?php

declare(strict_types=1);

namespace App\People;

use App\Database\Row;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\People\Skill;
use App\Models\People\Team;
use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Workload\LoadMeasure;

/**
 * Writes a roster document into the tables. What is in it becomes as it says; what is not stays, unless removing is
 * chosen.
 */
final readonly class RosterWriter
{
    /** @var array<array-key, string> id by slug */
    private array $places;

    private RosterRows $rows;

    public function __construct(private bool $remove)
    {
        $this->rows = new RosterRows();
        $this->places = $this->ids(new Place());
    }

    /** @param Node $node a document that was read and found right */
    public function write(Node $node): void
    {
        $this->house($node->get('house'));
        $skills = $this->skills($node);
        $people = $this->people($node, $skills);
        $this->teams($node, $people);
        (new RosterAbsences($this->rows, $this->remove))->write($node, $people);
    }

    /** What is neither people nor absences, of a document of the whole roster. */
    public function writeFrame(Node $node): void
    {
        $this->house($node->get('house'));
        $this->skills($node);
        $this->teams($node, $this->ids(new Person()));
    }

    private function house(Node $house): void
    {
        House::query()
            ->firstOrFail()
            ->update([
                'zone' => $house->get('zone')->text(),
                'hours' => $house->find('hours')->value ?? [],
                'holidays' => $house->find('holidays')->value ?? [],
                'calendars' => $house->find('calendars')?->value,
                'load_measure' => $house->find('load')?->value,
                'exceptions' => $house->find('exceptions')->value ?? [],
            ]);
        House::query()->increment('roster_revision');
    }

    /** @return array<array-key, string> id by slug */
    private function skills(Node $node): array
    {
        $slugs = [];
        foreach ($node->itemsOf('skills') as $position => $item) {
            $slugs[] = $slug = $item->get('id')->text();
            $this->rows->put(new Skill(), $slug, [
                'name' => $item->get('name')->text(),
                'minimum' => $item->find('minimum')?->int(),
                'position' => $position,
            ]);
        }
        if ($this->remove) {
            Skill::query()->whereNotIn('slug', $slugs)->delete();
        }

        return $this->ids(new Skill());
    }

    /**
     * @param array<array-key, string> $skills
     *
     * @return array<array-key, string> id by slug
     */
    private function people(Node $node, array $skills): array
    {
        $slugs = [];
        foreach ($node->get('people')->items() as $position => $item) {
            $slugs[] = $item->get('id')->text();
            $this->person($item, $position, $skills);
        }
        if ($this->remove) {
            // With what they have done they stay; nothing new comes to them.
            Person::query()
                ->whereNotIn('slug', $slugs)
                ->update(['active' => false]);
        }

        return $this->ids(new Person());
    }

    /**
     * Some people of a document of the whole roster, and who is in which team.
     *
     * @param array<int, string> $changed slugs by their place in the document
     */
    public function writePeople(Node $node, array $changed): void
    {
        House::query()->increment('roster_revision');
        $skills = $this->ids(new Skill());
        foreach ($node->get('people')->items() as $position => $item) {
            if (isset($changed[$position])) {
                $this->person($item, $position, $skills);
            }
        }
        $this->teams($node, $this->ids(new Person()));
    }

    /** @param array<array-key, string> $skills */
    private function person(Node $item, int $position, array $skills): void
    {
        $capacity = $item->find('capacity');
        $place = $item->find('place')?->text();
        $person = $this->rows->put(new Person(), $item->get('id')->text(), [
            'name' => $item->get('name')->text(),
            'email' => $item->find('email')?->text(),
            'phone' => $item->find('phone')?->text(),
            'zone' => $item->find('zone')?->text(),
            'hours' => $item->find('hours')?->value,
            'holidays' => $item->find('holidays')?->value,
            'calendar' => $item->find('calendar')?->text(),
            'exceptions' => $item->find('exceptions')?->value,
            'capacity_percent' => $capacity?->find('percent')?->int() ?? 80,
            'capacity_minutes' => $capacity?->find('minutes_a_day')?->int(),
            'capacity_parts' => self::parts($capacity?->find('amount_a_day')),
            'attribute_list' => $item->find('attributes')?->value,
            'facts' => self::facts($item->find('fields')),
            'place_id' => $place === null ? null : $this->places[$place],
            'open_tasks_at_most' => $item->find('open_tasks_at_most')?->int(),
            'active' => $item->find('active')?->bool() ?? true,
            'member_from' => $item->find('from')?->text(),
            'member_until' => $item->find('until')?->text(),
            'intake_paused_until' => $item->find('intake_paused_until')?->text(),
            'position' => $position,
        ]);
        $levels = [];
        foreach ($item->find('skills')?->members() ?? [] as [$skill, $level]) {
            $levels[$skills[$skill]] = ['level' => $level->int()];
        }
        RosterRows::attach($person->skills, $person->skills(), $levels);
    }

    private static function parts(?Node $amount): ?int
    {
        return $amount === null ? null : LoadMeasure::parts($amount->number());
    }

    /** @return array<string, mixed>|null by path, without what is empty */
    private static function facts(?Node $fields): ?array
    {
        $facts = [];
        foreach ($fields?->members() ?? [] as [$path, $value]) {
            if (!ValueCodec::isBlank($value)) {
                $facts[(string) $path] = $value->value;
            }
        }

        return $facts === [] ? null : $facts;
    }

    /** @param array<array-key, string> $people */
    private function teams(Node $node, array $people): void
    {
        $slugs = [];
        foreach ($node->itemsOf('teams') as $position => $item) {
            $slugs[] = $slug = $item->get('id')->text();
            $lead = $item->find('lead')?->text();
            $team = $this->rows->put(new Team(), $slug, [
                'name' => $item->get('name')->text(),
                'lead_id' => $lead === null ? null : $people[$lead],
                'minimum' => $item->find('minimum')?->int(),
                'position' => $position,
            ]);
            $members = [];
            foreach ($item->itemsOf('members') as $place => $member) {
                $members[$people[$member->get('person')->text()]] = [
                    'weight' => $member->find('weight')?->int() ?? Membership::FULL_WEIGHT,
                    'position' => $place,
                    'from' => $member->find('from')?->text(),
                    'until' => $member->find('until')?->text(),
                ];
            }
            RosterRows::attach($team->members, $team->members(), $members);
        }
        $ids = $this->ids(new Team());
        foreach ($node->itemsOf('teams') as $item) {
            $parent = $item->find('parent')?->text();
            $this->rows->put(new Team(), $item->get('id')->text(), [
                'parent_id' => $parent === null ? null : $ids[$parent],
            ]);
        }
        if ($this->remove) {
            Team::query()->whereNotIn('slug', $slugs)->delete();
        }
    }

    /** @return array<array-key, string> id by slug */
    private function ids(Model $of): array
    {
        $ids = [];
        foreach (
            $of
                ->newQuery()
                ->toBase()
                ->get(['id', 'slug'])
            as $row
        ) {
            $row = new Row($row);
            $ids[$row->text('slug')] = $row->text('id');
        }

        return $ids;
    }
}
