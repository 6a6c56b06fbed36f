<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\Zone;

/** Reads a roster document; docs/formats/roster.schema.json describes it. */
final class RosterFormat
{
    public const VERSION = 'roster/1';

    private const FURTHER_NOTICE = 'further_notice';

    /** @throws DocumentError */
    public static function read(Node $node): Roster
    {
        Format::expect($node, self::VERSION);
        $house = $node->get('house');
        $houseZone = HoursFormat::zone($house->get('zone'));

        $skills = [];
        foreach (Format::distinct($node->itemsOf('skills')) as $id => $skill) {
            $skills[(string) $id] = $skill->get('name')->text();
        }

        /** @var array<string, Zone> $zones */
        $zones = [$houseZone->name => $houseZone];
        $calendars = new Calendars();
        $people = [];
        $zoneOf = [];
        foreach (Format::distinct($node->get('people')->items()) as $id => $person) {
            $name = $person->find('zone')?->text() ?? $houseZone->name;
            $zones[$name] ??= HoursFormat::zone($person->get('zone'));
            $zoneOf[$id] = $zones[$name];
            $people[$id] = self::person($person, $calendars->of($person, $zones[$name], $house), $skills);
        }

        $teams = Format::distinct($node->itemsOf('teams'));
        foreach ($teams as $team) {
            self::known($team->find('parent'), $teams, 'team');
            self::known($team->find('lead'), $people, 'person');
        }

        $absences = [];
        foreach (Format::distinct($node->itemsOf('absences')) as $absence) {
            $personId = self::known($absence->get('person'), $people, 'person');
            $absences[] = self::absence($absence, $zoneOf[$personId], $people);
        }

        return new Roster(
            $calendars->of($house, $houseZone),
            array_values($people),
            array_map(static fn(Node $team): Team => self::team($team, $people), array_values($teams)),
            $skills,
            $absences,
        );
    }

    /** @param array<string, string> $skills */
    private static function person(Node $node, WorkCalendar $hours, array $skills): Person
    {
        $levels = [];
        foreach ($node->find('skills')?->members() ?? [] as $skill => $level) {
            if (! isset($skills[$skill])) {
                throw $level->fail("There is no skill \"{$skill}\".");
            }
            $levels[(string) $skill] = $level->int();
        }
        $from = $node->find('from');
        $until = $node->find('until');

        return $node->refuse(static fn(): Person => new Person(
            $node->get('id')->text(),
            $node->get('name')->text(),
            $hours,
            self::capacity($node->find('capacity')),
            $levels,
            $node->find('active')?->bool() ?? true,
            $from === null ? null : $hours->zone()->instant(HoursFormat::date($from), 0),
            $until === null ? null : $hours->zone()->instant(HoursFormat::date($until)->plus(1), 0),
            self::pausedUntil($node->find('intake_paused_until')),
        ));
    }

    private static function pausedUntil(?Node $node): ?int
    {
        return match (true) {
            $node === null => null,
            $node->value === self::FURTHER_NOTICE => Person::UNTIL_FURTHER_NOTICE,
            default => $node->instant(),
        };
    }

    private static function capacity(?Node $node): Capacity
    {
        return $node?->refuse(static fn(): Capacity => $node->has('minutes_a_day')
            ? Capacity::minutesADay($node->get('minutes_a_day')->int())
            : Capacity::percent($node->get('percent')->int())) ?? Capacity::percent(80);
    }

    /** @param array<string, Person> $people */
    private static function team(Node $node, array $people): Team
    {
        $members = [];
        foreach ($node->itemsOf('members') as $member) {
            $id = self::known($member->get('person'), $people, 'person');
            if (isset($members[$id])) {
                throw $member->get('person')->fail("\"{$id}\" is in this team already.");
            }
            $weight = $member->find('weight')?->int() ?? Membership::FULL_WEIGHT;
            $members[$id] = $member->refuse(static fn(): Membership => new Membership($id, $weight));
        }

        return new Team(
            $node->get('id')->text(),
            $node->get('name')->text(),
            array_values($members),
            $node->find('parent')?->text(),
            $node->find('lead')?->text(),
        );
    }

    /** @param array<string, Person> $people */
    private static function absence(Node $node, Zone $zone, array $people): Absence
    {
        foreach ($node->itemsOf('substitutes') as $substitute) {
            self::known($substitute, $people, 'person');
        }
        $span = $node->refuse(static fn(): Span => $node->has('first')
            ? Absence::wholeDays(HoursFormat::date($node->get('first')), HoursFormat::date($node->get('last')), $zone)
            : new Span($node->get('from')->instant(), $node->get('to')->instant()));

        return new Absence(
            $node->get('id')->text(),
            $node->get('person')->text(),
            $span,
            $node->get('status')->case(AbsenceStatus::class),
            $node->textsOf('substitutes'),
        );
    }

    /** @param array<array-key, mixed> $known by id */
    private static function known(?Node $node, array $known, string $what): string
    {
        if ($node === null) {
            return '';
        }

        return isset($known[$node->text()]) ? $node->text() : throw $node->fail("There is no {$what} \"{$node->text()}\".");
    }
}
