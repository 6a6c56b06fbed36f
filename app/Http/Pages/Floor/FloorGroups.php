<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Http\Viewer;
use App\Models\People\Place;
use App\Models\People\Skill;
use Closure;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;

/** Whom the floor shows, in groups and in order. */
final class FloorGroups
{
    private readonly Roster $roster;

    /** @param Closure(): FloorLanes $lanes of everybody, where it has to be asked how loaded they are */
    public function __construct(
        private readonly Viewer $viewer,
        private readonly Closure $lanes,
        private readonly FloorView $view,
    ) {
        $this->roster = $viewer->snapshot()->roster;
    }

    /** @return list<FloorGroup> those that somebody is shown of */
    public function all(): array
    {
        $groups = match ($this->view->group) {
            'skill' => $this->bySkill(),
            'place' => $this->byPlace(),
            'none' => [new FloorGroup('', $this->say('floor.everybody'), self::active($this->roster))],
            default => $this->byTeam(),
        };

        return array_values(
            array_filter(
                array_map(
                    fn(FloorGroup $group): FloorGroup => $group->with($this->sorted($this->shown($group->people))),
                    $groups,
                ),
                static fn(FloorGroup $group): bool => $group->people !== [],
            ),
        );
    }

    /** @return list<Person> */
    public static function active(Roster $roster): array
    {
        return array_values(array_filter($roster->people, static fn(Person $one): bool => $one->active));
    }

    /** @return list<FloorGroup> those in no team come last */
    private function byTeam(): array
    {
        $groups = [];
        $seen = [];
        foreach ($this->roster->teams as $team) {
            $people = [];
            foreach ($team->members as $member) {
                $people[] = $this->roster->people[$member->personId];
                $seen[$member->personId] = true;
            }
            $groups[] = new FloorGroup(
                $team->id,
                $team->name,
                $people,
                $team->parentId === null ? null : $this->roster->teams[$team->parentId]->name,
                $team->leadId,
            );
        }
        $others = array_filter(self::active($this->roster), static fn(Person $one): bool => !isset($seen[$one->id]));

        return [...$groups, new FloorGroup('', $this->say('floor.in_no_team'), array_values($others))];
    }

    /** @return list<FloorGroup> somebody is in each for which they have a skill */
    private function bySkill(): array
    {
        $groups = [];
        foreach (
            Skill::query()
                ->orderBy('name')
                ->get(['slug', 'name'])
            as $skill
        ) {
            $groups[] = new FloorGroup(
                $skill->slug,
                $skill->name,
                array_values(
                    array_filter(
                        self::active($this->roster),
                        static fn(Person $one): bool => isset($one->skills[$skill->slug]),
                    ),
                ),
            );
        }
        $others = array_filter(self::active($this->roster), static fn(Person $one): bool => $one->skills === []);

        return [...$groups, new FloorGroup('', $this->say('floor.without_skill'), array_values($others))];
    }

    /** @return list<FloorGroup> */
    private function byPlace(): array
    {
        $groups = [];
        foreach (self::active($this->roster) as $person) {
            $groups[$person->place ?? ''][] = $person;
        }
        ksort($groups);
        $names = Place::query()
            ->whereIn('slug', array_keys($groups))
            ->get(['slug', 'name'])
            ->mapWithKeys(static fn(Place $one): array => [$one->slug => $one->name]);

        return array_map(
            fn(string $place, array $people): FloorGroup => new FloorGroup(
                $place,
                $place === '' ? $this->say('floor.without_place') : $names[$place] ?? $place,
                $people,
            ),
            array_map(strval(...), array_keys($groups)),
            $groups,
        );
    }

    /**
     * @param list<Person> $people
     *
     * @return list<Person>
     */
    private function shown(array $people): array
    {
        $view = $this->view;
        $family = $view->team === null || !isset($this->roster->teams[$view->team]) ? null : $this->inTeam($view->team);

        return array_values(
            array_filter(
                $people,
                fn(Person $one): bool => ($family === null || isset($family[$one->id])) &&
                    ($view->skill === null || isset($one->skills[$view->skill])) &&
                    ($view->place === null || $one->place === $view->place) &&
                    $this->isAsked($one),
            ),
        );
    }

    private function isAsked(Person $person): bool
    {
        return match ($this->view->only) {
            'room' => ($this->lanes)()->hasRoom($person),
            'over' => ($this->lanes)()->outlook($person)->isOver(),
            'late' => ($this->lanes)()->outlook($person)->overdue !== [],
            'away' => ($this->lanes)()->isAway($person),
            default => true,
        };
    }

    /** @return array<array-key, true> ids of its members and those of the teams below it */
    private function inTeam(string $team): array
    {
        $ids = [];
        foreach ($this->roster->family($team, true) as $one) {
            foreach ($one->members as $member) {
                $ids[$member->personId] = true;
            }
        }

        return $ids;
    }

    /**
     * @param list<Person> $people
     *
     * @return list<Person> the most of it first
     */
    private function sorted(array $people): array
    {
        $of = match ($this->view->sort) {
            'load' => fn(Person $one): float => ($this->lanes)()->outlook($one)->plan->ratio()->value(),
            'room' => fn(Person $one): float => (float) ($this->lanes)()->outlook($one)->free(),
            'over' => fn(Person $one): float => (float) ($this->lanes)()->outlook($one)->over,
            'late' => fn(Person $one): float => (float) ($this->lanes)()->outlook($one)->behind,
            default => null,
        };
        if ($of === null) {
            return $people;
        }
        $figures = array_map($of, $people);
        arsort($figures);

        return array_values(array_map(static fn(int $place): Person => $people[$place], array_keys($figures)));
    }

    private function say(string $path): string
    {
        return $this->viewer->words()->words->say($path);
    }
}
