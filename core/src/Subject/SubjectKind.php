<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Rulebook\CaseOnly;
use OpenBaton\Core\Rulebook\CustomerOnly;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\OfSeveral;
use OpenBaton\Core\Rulebook\HouseToo;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Rulebook\WorkOnly;

/** What an event is about. */
enum SubjectKind: string
{
    case Task = 'task';
    case Matter = 'case';
    case Customer = 'customer';
    /** The house itself, at a moment of the calendar. */
    case House = 'house';

    /** What people do. */
    public const WORK = [self::Task, self::Matter];

    /** What has fields, tags and dates. */
    public const KEPT = [self::Task, self::Matter, self::Customer];

    /**
     * Whether rules about it may have a part, events apart.
     *
     * @param class-string<Part> $part
     */
    public function admits(string $part): bool
    {
        $is = static fn(string ...$marks): bool => array_filter(
            $marks,
            static fn(string $mark): bool => is_a($part, $mark, true),
        ) !== [];

        return match ($this) {
            self::Task => !$is(CaseOnly::class, CustomerOnly::class),
            self::Matter => !$is(TaskOnly::class, CustomerOnly::class),
            self::Customer => !$is(TaskOnly::class, CaseOnly::class, WorkOnly::class),
            self::House => $is(HouseToo::class),
        };
    }

    /** @return list<SeatName> */
    public function seats(): array
    {
        return match ($this) {
            self::Task => TaskSubject::seats(),
            self::Matter => CaseSubject::seats(),
            self::Customer => CustomerSubject::seats(),
            self::House => HouseSubject::seats(),
        };
    }

    /**
     * @param class-string<Part> $part
     *
     * @return list<self> what rules that have it may be about; an event that does not say which, the first
     */
    public static function of(string $part): array
    {
        if (is_a($part, OfSeveral::class, true)) {
            return $part::subjects();
        }
        $admitting = array_values(array_filter(self::cases(), static fn(self $one): bool => $one->admits($part)));

        return is_a($part, EventKind::class, true) ? array_slice($admitting, 0, 1) : $admitting;
    }
}
