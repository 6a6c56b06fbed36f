<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\WorkingTime;

/** What criteria see of the moment of an event itself, by the clock and the calendar of the house. */
final class MomentFields
{
    public const WEEKDAY = 'moment.weekday';

    /** The teams of which somebody is within their working hours, and not absent. */
    public const TEAMS_ON = 'moment.teams_on';

    /** Whether somebody who works where the customer is, at any level of the tree of places, is so. */
    public const PLACE_ON = 'moment.place_on';

    /** Where fields of the customer are, the places among them. */
    private const OF_CUSTOMER = 'customer.';

    /** @var array<string, FieldType> by path */
    public const TYPES = [
        self::WEEKDAY => FieldType::OneOf,
        'moment.time' => FieldType::Time,
        'moment.house_open' => FieldType::YesNo,
        'moment.holiday' => FieldType::YesNo,
        self::TEAMS_ON => FieldType::ManyOf,
        self::PLACE_ON => FieldType::YesNo,
    ];

    /** By LocalDate::weekday() less one. */
    public const WEEKDAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    /**
     * @param list<string> $paths those that are asked for
     * @param int          $at    instant
     * @param array<string, mixed> $of values of the task, by path
     *
     * @return array<string, string|bool|list<string>> values by path
     */
    public static function values(array $paths, int $at, Roster $roster, array $of): array
    {
        $zone = $roster->house->zone();
        $today = $zone->dateAt($at);
        $values = [];
        foreach ($paths as $path) {
            $value = match ($path) {
                self::WEEKDAY => self::WEEKDAYS[$today->weekday() - 1],
                'moment.time' => gmdate('H:i', $at + $zone->offsetAt($at)),
                'moment.house_open' => (new WorkingTime($roster->house))->isWorking($at),
                'moment.holiday' => $roster->house->isHoliday($today),
                self::TEAMS_ON => self::teamsOn($at, $today, $roster),
                self::PLACE_ON => self::placeOn($at, $roster, $of),
                default => null,
            };
            if ($value !== null) {
                $values[$path] = $value;
            }
        }

        return $values;
    }

    /** @return list<string> by id */
    private static function teamsOn(int $at, LocalDate $today, Roster $roster): array
    {
        $on = array_filter($roster->teams, static fn(Team $team): bool => self::isOn($team, $at, $today, $roster));

        return array_map(strval(...), array_keys($on));
    }

    /**
     * @param array<string, mixed> $of values of the task, by path
     *
     * @return bool|null null: nobody works where the customer is, or it is for no customer
     */
    private static function placeOn(int $at, Roster $roster, array $of): ?bool
    {
        $places = [];
        foreach ($of as $path => $value) {
            if (is_string($value) && str_starts_with($path, self::OF_CUSTOMER)) {
                $places[$value] = true;
            }
        }
        $found = null;
        foreach ($roster->people as $person) {
            if ($person->place !== null && isset($places[$person->place])) {
                $found = $roster->isOn($person->id, $at);
                if ($found) {
                    return true;
                }
            }
        }

        return $found;
    }

    private static function isOn(Team $team, int $at, LocalDate $today, Roster $roster): bool
    {
        foreach ($team->members as $member) {
            if ($member->isOn($today) && $roster->isOn($member->personId, $at)) {
                return true;
            }
        }

        return $team->leadId !== null && isset($roster->people[$team->leadId]) && $roster->isOn($team->leadId, $at);
    }
}
