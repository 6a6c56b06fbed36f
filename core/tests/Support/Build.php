<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use DateTimeImmutable;
use DateTimeZone;
use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\Method\Method;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\MinuteRange;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WeeklyPattern;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\WorkItem;

/** Short ways to make the values that tests need. */
final class Build
{
    use BuildsFields;

    /** @param string $text a moment in any form that names its offset, or UTC */
    public static function at(string $text): int
    {
        return (new DateTimeImmutable($text, new DateTimeZone('UTC')))->getTimestamp();
    }

    /** @param list<int> $weekdays */
    public static function calendar(
        string $zone = 'UTC',
        string $hours = '09:00-17:00',
        array $weekdays = [1, 2, 3, 4, 5],
        string ...$holidays,
    ): WorkCalendar {
        return new WorkCalendar(
            new Zone($zone),
            [
                new WeeklyPattern(
                    LocalDate::parse('2020-01-01'),
                    array_fill_keys($weekdays, [MinuteRange::parse($hours)]),
                ),
            ],
            [],
            array_map(LocalDate::parse(...), array_values($holidays)),
        );
    }

    /** @param array<string, int> $skills */
    public static function person(
        string $id,
        array $skills = [],
        ?WorkCalendar $hours = null,
        bool $active = true,
        ?int $pausedUntil = null,
        ?int $memberFrom = null,
        ?int $memberUntil = null,
        array $attributes = [],
        ?string $place = null,
        array $fields = [],
    ): Person {
        return new Person(
            $id,
            ucfirst($id),
            $hours ?? self::calendar(),
            Capacity::percent(100),
            $skills,
            $active,
            $memberFrom,
            $memberUntil,
            $pausedUntil,
            null,
            $attributes,
            $place,
            $fields,
        );
    }

    /** @return list<Membership> */
    public static function members(string ...$ids): array
    {
        return array_map(static fn(string $id): Membership => new Membership($id), array_values($ids));
    }

    /** @param list<string> $substitutes */
    public static function absence(
        string $personId,
        string $from,
        string $to,
        array $substitutes = [],
        AbsenceStatus $status = AbsenceStatus::Approved,
    ): Absence {
        return new Absence(
            "{$personId}-{$from}",
            $personId,
            new Span(self::at($from), self::at($to)),
            $status,
            Substitute::forAll(...$substitutes),
        );
    }

    public static function item(
        string $id,
        string $holder,
        int $minutes,
        ?string $due = null,
        ?string $start = null,
        TaskStatus $status = TaskStatus::New,
        Priority $priority = Priority::Normal,
        string $created = '2026-01-01',
        ?string $reviewer = null,
    ): WorkItem {
        return new WorkItem(
            $id,
            $holder,
            $status,
            $priority,
            new Effort(0, $minutes),
            self::at($created),
            $start === null ? null : self::at($start),
            $due === null ? null : self::at($due),
            $reviewer,
        );
    }

    /** @param array<string, string|int|float|bool|list<string>> $values */
    public static function facts(array $values, string $today = '2026-03-02'): Facts
    {
        return new Facts($values, LocalDate::parse($today));
    }

    /** @param array<string, string|int|float|bool|list<string>> $facts */
    public static function event(
        array $facts = [],
        string $at = '2026-03-02T10:00:00Z',
        int $minutes = 60,
        ?string $due = null,
        string $id = 'e1',
        ?string $start = null,
    ): ChangeSet {
        return new ChangeSet(
            $id,
            self::at($at),
            null,
            new TaskSubject(
                "task-{$id}",
                self::at($at),
                new Effort(0, $minutes),
                startAt: $start === null ? null : self::at($start),
                dueAt: $due === null ? null : self::at($due),
            ),
            self::facts($facts, substr($at, 0, 10)),
        );
    }

    public static function context(?Roster $roster = null): RuleContext
    {
        return new RuleContext(KindRegistry::standard(), self::fields(), $roster);
    }

    /**
     * @param array<string, mixed>|null                               $if
     * @param list<Limit>                                             $limits
     * @param list<FollowUp>        $then
     * @param non-empty-list<EventKind>|null $when null: a task arrives
     */
    public static function rule(
        string $id,
        ?Pool $pool,
        ?Method $method = null,
        ?array $if = null,
        array $limits = [],
        Otherwise $otherwise = new NextRule(),
        array $then = [],
        bool $active = true,
        ?int $validFrom = null,
        ?int $validUntil = null,
        ?array $when = null,
        SeatName $seat = SeatName::Holder,
        bool $anew = false,
    ): Rule {
        return new Rule(
            $id,
            "Rule {$id}",
            $when ?? [new TaskArrives()],
            $if === null ? new Group(GroupKind::All, []) : (new CriteriaFormat(self::context()))->read(Node::root($if)),
            $pool === null || $method === null ? null : new Give($pool, $method, $limits, $otherwise, $seat, $anew),
            $then,
            $active,
            $validFrom,
            $validUntil,
        );
    }
}
