<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

use InvalidArgumentException;
use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsencesByPerson;
use OpenBaton\Core\Absence\Away;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Time\HoursLessBlocks;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\WorkingTime;
use OpenBaton\Core\Workload\LoadMeasure;

/** Everybody, their teams and skills, and who is away when. */
final readonly class Roster
{
    /** In what load is measured; that which people can do is in the same. */
    public LoadMeasure $measure;

    /** @var array<array-key, Person> */
    public array $people;

    /** @var array<array-key, Team> */
    public array $teams;

    private AbsencesByPerson $absences;

    /** What the criteria of substitutes look up. */
    public Lookups $lookups;

    /** @var array<array-key, list<Team>> by person, in the order of the teams */
    private array $teamsOf;

    /** @var array<array-key, list<Team>> direct sub-teams by team */
    private array $subTeams;

    /** @var array<array-key, WorkingHours> less approved absences, by person */
    private array $presence;

    /**
     * @param list<Person>          $people   in the order in which they are listed
     * @param list<Team>            $teams
     * @param array<array-key, string> $skills   name by id
     * @param list<Absence>         $absences
     *
     * @throws InvalidArgumentException where something refers to nobody or nothing
     */
    public function __construct(
        public WorkingHours $house,
        array $people,
        array $teams = [],
        public array $skills = [],
        array $absences = [],
        ?LoadMeasure $measure = null,
    ) {
        $this->measure = $measure ?? LoadMeasure::minutes();
        $byId = [];
        foreach ($people as $person) {
            $byId[$person->id] = $person;
        }
        $this->people = $byId;

        $teamsById = [];
        $teamsOf = [];
        $subTeams = [];
        foreach ($teams as $team) {
            $teamsById[$team->id] = $team;
            foreach ($team->members as $member) {
                if (!isset($byId[$member->personId])) {
                    throw new Refusal(
                        'Team "{id}" has a member "{person_id}" who is not in the roster.',
                        id: $team->id,
                        person_id: $member->personId,
                    );
                }
                $teamsOf[$member->personId][] = $team;
            }
            if ($team->parentId !== null) {
                $subTeams[$team->parentId][] = $team;
            }
        }
        $this->teams = $teamsById;
        $this->teamsOf = $teamsOf;
        $this->subTeams = $subTeams;

        $this->absences = new AbsencesByPerson($absences);
        $this->lookups = $this->absences->lookups;

        $presence = [];
        foreach ($byId as $id => $person) {
            $times = $this->absences->timesOf((string) $id);
            $blocks = array_map(static fn(Away $away): Span => $away->span, $times);
            $presence[$id] = $blocks === [] ? $person->hours : new HoursLessBlocks($person->hours, $blocks);
        }
        $this->presence = $presence;
    }

    /** The same with some absences more, or otherwise. */
    public function with(Absence ...$absences): self
    {
        $byId = [];
        foreach ([...$this->absences->all(), ...$absences] as $absence) {
            $byId[$absence->id] = $absence;
        }

        return new self(
            $this->house,
            array_values($this->people),
            array_values($this->teams),
            $this->skills,
            array_values($byId),
            $this->measure,
        );
    }

    public function awayAt(string $personId, int $at): ?Away
    {
        return $this->absences->awayAt($personId, $at);
    }

    /**
     * The absence that speaks for the time that somebody is away: of several that overlap, the one that began first.
     */
    public function absenceOf(string $personId, int $at): ?Absence
    {
        return $this->awayAt($personId, $at)?->absence;
    }

    /** @return int|null instant at which somebody who is away is back; null: they are there */
    public function awayUntil(string $personId, int $at): ?int
    {
        return $this->awayAt($personId, $at)?->span->to;
    }

    /** Whether they are within their working hours, and not absent. */
    public function isOn(string $personId, int $at): bool
    {
        return (new WorkingTime($this->presence[$personId]))->isWorking($at);
    }

    /** @return int|null instant at which the next absence of theirs begins that has not begun; null: none is known */
    public function nextAbsence(string $personId, int $at): ?int
    {
        foreach ($this->absencesOf($personId) as $absence) {
            if ($absence->span->from > $at) {
                return $absence->span->from;
            }
        }

        return null;
    }

    /** An absence that counts, by its id. */
    public function absence(string $personId, string $id): ?Absence
    {
        return $this->absences->find($personId, $id);
    }

    /** @return list<Absence> approved ones, in order of their begin */
    public function absencesOf(string $personId): array
    {
        return $this->absences->of($personId);
    }

    /** @return list<int> instants at which somebody's availability changes by itself, in no order */
    public function moments(): array
    {
        $moments = [];
        foreach ($this->people as $id => $person) {
            array_push($moments, $person->memberFrom, $person->memberUntil, $person->pausedUntil);
            foreach ($this->absences->of((string) $id) as $absence) {
                array_push($moments, $absence->span->from, $absence->span->to);
            }
        }

        return array_values(array_filter($moments, static fn(?int $moment): bool => $moment !== null));
    }

    /** The person's working hours less approved absences. */
    public function presenceOf(string $personId): WorkingHours
    {
        return $this->presence[$personId];
    }

    /** @return list<Team> in which they are, or have been, or are to be */
    public function teamsOf(string $personId): array
    {
        return $this->teamsOf[$personId] ?? [];
    }

    /** @return list<Team> in which they are on a date */
    public function teamsOn(string $personId, LocalDate $date): array
    {
        return array_values(
            array_filter($this->teamsOf($personId), static fn(Team $team): bool => $team->has($personId, $date)),
        );
    }

    /**
     * @return list<string> ids of the teams in which they are on a date, or which they lead, listed as a member or not
     */
    public function countedIn(string $personId, LocalDate $date): array
    {
        $counted = array_filter(
            $this->teams,
            static fn(Team $team): bool => $team->leadId === $personId || $team->has($personId, $date),
        );

        return array_map(strval(...), array_keys($counted));
    }

    /** The lead of the first team in which somebody is at an instant; null: they are in none, or it has no lead. */
    public function leadFor(string $personId, int $at): ?string
    {
        return ($this->teamsOn($personId, $this->house->zone()->dateAt($at))[0] ?? null)?->leadId;
    }

    /**
     * The team and, where asked, all that lie below it; each once.
     *
     * @return list<Team>
     */
    public function family(string $teamId, bool $withSubTeams): array
    {
        $found = [];
        $waiting = [$teamId];
        while (($id = array_shift($waiting)) !== null) {
            if (isset($found[$id]) || !isset($this->teams[$id])) {
                continue;
            }
            $found[$id] = $this->teams[$id];
            if ($withSubTeams) {
                foreach ($this->subTeams[$id] ?? [] as $team) {
                    $waiting[] = $team->id;
                }
            }
        }

        return array_values($found);
    }
}
