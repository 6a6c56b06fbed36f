<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
use App\Bridge\Turn;
use App\Formats\SchemaCheck;
use App\Models\Absence;
use App\Models\House;
use App\Models\Person;
use App\Models\Skill;
use App\Models\Team;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use LogicException;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\Rulebook\RulebookCheck;

/**
 * Makes a roster document the roster of the house. People who are not in it
 * stay, with what they have done, and become inactive; teams, skills and
 * absences that are not in it go.
 */
final readonly class ImportRoster
{
    public function __construct(private SnapshotSource $snapshots, private RulebookReader $rulebooks) {}

    /**
     * @param mixed $decoded the document as json_decode gives it, with arrays
     *
     * @throws DocumentError where it is not right, or the published rules would no longer be; nothing is changed
     */
    public function __invoke(mixed $decoded, ?User $by): void
    {
        $node = Node::root($decoded);
        $roster = RosterFormat::read($node);
        SchemaCheck::check('roster', json_decode((string) json_encode($decoded), false));

        DB::transaction(function () use ($node, $roster, $by): void {
            $turn = Turn::take();
            $faults = (new RulebookCheck($roster))->faults($this->rulebooks->inForce($turn, $this->snapshots->at($turn))->rulebook, '/published rulebook');
            if ($faults !== []) {
                throw new DocumentError($faults);
            }
            $house = House::query()->firstOrFail();
            $house->update([
                'zone' => $node->get('house')->get('zone')->text(),
                'hours' => $node->get('house')->find('hours')->value ?? [],
                'holidays' => $node->get('house')->find('holidays')->value ?? [],
                'exceptions' => $node->get('house')->find('exceptions')->value ?? [],
                'roster_revision' => $house->roster_revision + 1,
            ]);
            $skills = $this->skills($node);
            $people = $this->people($node, $skills);
            $this->teams($node, $people);
            $this->absences($node, $people);
            activity('roster')->causedBy($by)->event('imported')->log('imported a roster');
        }, attempts: 3);
    }

    /** @return array<string, string> id by slug */
    private function skills(Node $node): array
    {
        $ids = [];
        foreach ($node->itemsOf('skills') as $position => $item) {
            $slug = $item->get('id')->text();
            $ids[$slug] = $this->put(new Skill(), $slug, ['name' => $item->get('name')->text(), 'position' => $position]);
        }
        Skill::query()->whereNotIn('slug', array_keys($ids))->delete();

        return $ids;
    }

    /**
     * @param array<string, string> $skills
     *
     * @return array<string, string> id by slug
     */
    private function people(Node $node, array $skills): array
    {
        $ids = [];
        foreach ($node->itemsOf('people') as $position => $item) {
            $slug = $item->get('id')->text();
            $capacity = $item->find('capacity');
            $ids[$slug] = $this->put(new Person(), $slug, [
                'name' => $item->get('name')->text(),
                'zone' => $item->find('zone')?->text(),
                'hours' => $item->find('hours')?->value,
                'holidays' => $item->find('holidays')?->value,
                'exceptions' => $item->find('exceptions')?->value,
                'capacity_percent' => $capacity?->find('percent')?->int() ?? 80,
                'capacity_minutes' => $capacity?->find('minutes_a_day')?->int(),
                'active' => $item->find('active')?->bool() ?? true,
                'member_from' => $item->find('from')?->text(),
                'member_until' => $item->find('until')?->text(),
                'intake_paused_until' => $item->find('intake_paused_until')?->text(),
                'position' => $position,
            ]);
            DB::table('person_skills')->where('person_id', $ids[$slug])->delete();
            foreach ($item->find('skills')?->members() ?? [] as $skill => $level) {
                DB::table('person_skills')->insert(['person_id' => $ids[$slug], 'skill_id' => $skills[$skill], 'level' => $level->int()]);
            }
        }
        Person::query()->whereNotIn('slug', array_keys($ids))->update(['active' => false]);

        return $ids;
    }

    /** @param array<string, string> $people */
    private function teams(Node $node, array $people): void
    {
        $ids = [];
        foreach ($node->itemsOf('teams') as $position => $item) {
            $slug = $item->get('id')->text();
            $lead = $item->find('lead')?->text();
            $ids[$slug] = $this->put(new Team(), $slug, ['name' => $item->get('name')->text(), 'lead_id' => $lead === null ? null : $people[$lead], 'position' => $position]);
            DB::table('team_members')->where('team_id', $ids[$slug])->delete();
            foreach ($item->itemsOf('members') as $place => $member) {
                DB::table('team_members')->insert([
                    'team_id' => $ids[$slug],
                    'person_id' => $people[$member->get('person')->text()],
                    'weight' => $member->find('weight')?->int() ?? 100,
                    'position' => $place,
                ]);
            }
        }
        foreach ($node->itemsOf('teams') as $item) {
            $parent = $item->find('parent')?->text();
            Team::query()->where('slug', $item->get('id')->text())->update(['parent_id' => $parent === null ? null : $ids[$parent]]);
        }
        Team::query()->whereNotIn('slug', array_keys($ids))->delete();
    }

    /** @param array<string, string> $people */
    private function absences(Node $node, array $people): void
    {
        $slugs = [];
        foreach ($node->itemsOf('absences') as $item) {
            $slug = $item->get('id')->text();
            $slugs[] = $slug;
            $id = $this->put(new Absence(), $slug, [
                'person_id' => $people[$item->get('person')->text()],
                'first_day' => $item->find('first')?->text(),
                'last_day' => $item->find('last')?->text(),
                'from' => $item->has('from') ? gmdate('Y-m-d H:i:s', $item->get('from')->instant()) : null,
                'to' => $item->has('to') ? gmdate('Y-m-d H:i:s', $item->get('to')->instant()) : null,
                'status' => $item->get('status')->text(),
            ]);
            DB::table('absence_substitutes')->where('absence_id', $id)->delete();
            foreach ($item->textsOf('substitutes') as $position => $substitute) {
                DB::table('absence_substitutes')->insert(['absence_id' => $id, 'person_id' => $people[$substitute], 'position' => $position]);
            }
        }
        Absence::query()->whereNotIn('slug', $slugs)->delete();
    }

    /** @param array<string, mixed> $values */
    private function put(Model $blank, string $slug, array $values): string
    {
        $row = $blank->newQuery()->firstOrNew(['slug' => $slug]);
        $row->forceFill($values)->save();

        $id = $row->getKey();

        return is_string($id) ? $id : throw new LogicException('Rows of the roster have ULIDs.');
    }
}
