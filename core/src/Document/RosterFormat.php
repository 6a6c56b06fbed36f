<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\LoadMeasure;

/** Reads a roster document; docs/formats/roster.schema.json describes it. */
final class RosterFormat
{
    public const VERSION = 'roster/1';

    private const MEMBERS = ['openbaton', 'house', 'skills', 'people', 'teams', 'absences'];

    public const FURTHER_NOTICE = 'further_notice';

    /**
     * @param FieldCatalogue $fields that criteria of substitutes may be about, and those of people
     *
     * @throws DocumentError with all that is wrong with it
     */
    public static function read(Node $node, FieldCatalogue $fields = new FieldCatalogue([])): Roster
    {
        Format::expect($node, self::VERSION);
        $faults = new Faults();
        $faults->add(...$node->strangers(self::MEMBERS));
        $house = $node->get('house');
        $faults->add(...$house->strangers(['zone', 'calendars', 'load', ...HoursFormat::MEMBERS]));
        $houseZone = HoursFormat::zone($house->get('zone'));
        $skills = array_map(static function (Node $skill): string {
            $skill->only(['id', 'name', 'minimum']);

            return $skill->get('name')->line(TextLimits::NAME);
        }, Format::distinct($node->itemsOf('skills')));

        $named = Format::distinct($house->itemsOf('calendars'));
        foreach ($named as $one) {
            $faults->collect(static fn(): Node => self::namedCalendar($one));
        }

        $measure = $faults->collect(static fn(): LoadMeasure => MeasureFormat::measure($house->find('load'), $fields));
        $measure ??= LoadMeasure::minutes();

        /** @var array<string, Zone> $zones */
        $zones = [$houseZone->name => $houseZone];
        $calendars = new Calendars();
        $people = [];
        foreach (Format::distinct($node->get('people')->items()) as $id => $person) {
            $people[$id] = $faults->collect(static function () use (
                $person,
                $house,
                $houseZone,
                &$zones,
                $calendars,
                $named,
                $skills,
                $fields,
                $measure,
            ): Person {
                $name = $person->find('zone')?->text() ?? $houseZone->name;
                $zones[$name] ??= HoursFormat::zone($person->get('zone'));

                $calendar = $person->find('calendar');
                if ($calendar !== null && !isset($named[$calendar->text()])) {
                    throw $calendar->fail('There is no holiday calendar "{id}".', id: $calendar->text());
                }

                return self::person(
                    $person,
                    $calendars->of(
                        $person,
                        $zones[$name],
                        $house,
                        $calendar === null ? null : $named[$calendar->text()],
                    ),
                    $skills,
                    $fields,
                    $measure,
                );
            });
        }
        $faults->throwIfAny();
        $known = array_filter($people, static fn(?Person $person): bool => $person !== null);
        $teams = $faults->collect(static fn(): array => TeamFormat::read($node->itemsOf('teams'), $known));
        $absences = [];
        $with = static fn(Absence ...$absences): Roster => new Roster(
            $calendars->of($house, $houseZone),
            array_values($known),
            $teams ?? [],
            $skills,
            array_values($absences),
            $measure,
        );
        $alone = $with();
        foreach (Format::distinct($node->itemsOf('absences')) as $absence) {
            $absences[] = $faults->collect(static fn(): Absence => AbsenceFormat::read($absence, $alone, $fields));
        }
        $faults->throwIfAny();

        return $with(...array_filter($absences));
    }

    /** Holidays of a country, say, which people may have in place of those of the house. */
    private static function namedCalendar(Node $node): Node
    {
        $node->only(['id', 'name', 'holidays']);
        $node->get('name')->line(TextLimits::NAME);
        array_map(HoursFormat::date(...), $node->get('holidays')->items());

        return $node;
    }

    /** @param array<array-key, string> $skills */
    private static function person(
        Node $node,
        WorkCalendar $hours,
        array $skills,
        FieldCatalogue $fields,
        LoadMeasure $measure,
    ): Person {
        $node->only([
            'id',
            'name',
            'zone',
            'capacity',
            'skills',
            'active',
            'from',
            'until',
            'intake_paused_until',
            'email',
            'phone',
            'open_tasks_at_most',
            'calendar',
            'attributes',
            'place',
            'fields',
            ...HoursFormat::MEMBERS,
        ]);
        $levels = [];
        foreach ($node->find('skills')?->members() ?? [] as [$skill, $level]) {
            if (!isset($skills[$skill])) {
                throw $level->fail('There is no skill "{skill}".', skill: $skill);
            }
            $levels[$skill] = $level->intBetween(1, Person::HIGHEST_LEVEL);
        }
        $node->find('email')?->line(TextLimits::NAME);
        $node->find('phone')?->line(TextLimits::PHONE);
        $from = $node->find('from');
        $until = $node->find('until');

        return $node->refuse(
            static fn(): Person => new Person(
                $node->get('id')->line(TextLimits::ID),
                $node->get('name')->line(TextLimits::NAME),
                $hours,
                MeasureFormat::capacity($node->find('capacity'), $measure),
                $levels,
                $node->find('active')?->bool() ?? true,
                $from === null ? null : $hours->zone()->instant(HoursFormat::date($from), 0),
                $until === null ? null : $hours->zone()->instant(HoursFormat::date($until)->plus(1), 0),
                self::pausedUntil($node->find('intake_paused_until')),
                $node->find('open_tasks_at_most')?->intBetween(1, Person::MOST_OPEN_TASKS),
                self::attributes($node),
                $node->find('place')?->line(TextLimits::ID),
                self::fields($node->find('fields'), $fields),
            ),
        );
    }

    /** @return array<string, string|int|float|bool|list<string>> by path; what is empty is not there */
    private static function fields(?Node $node, FieldCatalogue $fields): array
    {
        $values = [];
        foreach ($node?->members() ?? [] as [$path, $value]) {
            $field =
                $fields->ofPeople[$path] ??
                throw $value->fail('There is no field "{path}" of people.', path: (string) $path);
            if (!ValueCodec::isBlank($value)) {
                $values[$field->path] = ValueCodec::read($value, $field);
            }
        }

        return $values;
    }

    /** @return list<string> each once */
    private static function attributes(Node $node): array
    {
        $items = $node->itemsOf('attributes');
        if (count($items) > Person::MOST_ATTRIBUTES) {
            throw $node->get('attributes')->fail('There are at most {most} in a list.', most: Person::MOST_ATTRIBUTES);
        }

        return array_values(
            array_unique(
                array_map(static function (Node $item): string {
                    $text = $item->line(TextLimits::TAG);

                    return str_contains($text, ';')
                        ? throw $item->fail('An attribute has no semicolon in it: that stands between two.')
                        : $text;
                }, $items),
            ),
        );
    }

    private static function pausedUntil(?Node $node): ?int
    {
        return match (true) {
            $node === null => null,
            $node->value === self::FURTHER_NOTICE => Person::UNTIL_FURTHER_NOTICE,
            default => $node->instant(),
        };
    }
}
