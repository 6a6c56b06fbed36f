<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Routing\EventKind;
use OpenBaton\Core\Routing\Ring;
use OpenBaton\Core\Routing\Rings;
use OpenBaton\Core\Rulebook\RulebookCheck;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

/** Reads a world: all that decisions depend on, and the events to decide; docs/formats/world.schema.json describes it. */
final class WorldFormat
{
    public const VERSION = 'world/1';

    /** @throws DocumentError */
    public static function read(Node $node): World
    {
        Format::expect($node, self::VERSION);
        $clock = $node->get('clock')->instant();
        $roster = RosterFormat::read($node->get('roster'));
        $rulebook = RulebookFormat::read($node->get('rulebook'));
        $faults = (new RulebookCheck($roster))->faults($rulebook, $node->get('rulebook')->pointer);
        if ($faults !== []) {
            throw new DocumentError($faults);
        }

        return new World(
            $clock,
            $roster,
            $rulebook,
            Rings::of(array_map(static fn(Node $ring): Ring => self::ring($ring, $roster), $node->itemsOf('rotations'))),
            self::work($node, $roster, $clock),
            self::events($node, $rulebook->fields, $roster, $clock),
        );
    }

    private static function ring(Node $node, Roster $roster): Ring
    {
        $marks = [];
        foreach ($node->itemsOf('marks') as $seat) {
            $marks[self::person($seat->get('person'), $roster)] = $seat->get('mark')->int();
        }

        return $node->refuse(static fn(): Ring => new Ring($node->get('name')->text(), $node->find('now')?->int() ?? 0, $marks));
    }

    private static function work(Node $node, Roster $roster, int $clock): Work
    {
        $items = [];
        foreach (Format::distinct($node->itemsOf('work')) as $id => $item) {
            $items[] = new WorkItem(
                (string) $id,
                $item->has('assignee') ? self::person($item->get('assignee'), $roster) : null,
                $item->find('status')?->case(TaskStatus::class) ?? TaskStatus::New,
                $item->find('priority')?->case(Priority::class) ?? Priority::Normal,
                self::effort($item),
                $item->find('created')?->instant() ?? $clock,
                $item->find('start')?->instant(),
                $item->find('due')?->instant(),
                $item->has('reviewer') ? self::person($item->get('reviewer'), $roster) : null,
            );
        }
        $lastAssigned = [];
        foreach ($node->find('last_assigned')?->members() ?? [] as $id => $at) {
            if (! isset($roster->people[$id])) {
                throw $at->fail("There is no person \"{$id}\".");
            }
            $lastAssigned[(string) $id] = $at->instant();
        }

        return Work::of($items, $lastAssigned);
    }

    /** @return list<Event> */
    private static function events(Node $node, FieldCatalogue $fields, Roster $roster, int $clock): array
    {
        $events = [];
        foreach (Format::distinct($node->get('events')->items()) as $id => $item) {
            $at = $item->find('at')?->instant() ?? $clock;
            if ($at < $clock) {
                throw $item->get('at')->fail('Events come in the order of time, none before the clock.');
            }
            $clock = $at;
            $task = $item->get('task');
            $events[] = new Event(
                (string) $id,
                $item->get('kind')->case(EventKind::class),
                $at,
                $task->get('id')->text(),
                self::facts($task->find('facts'), $fields, $roster, $at),
                self::effort($task),
                $task->find('priority')?->case(Priority::class) ?? Priority::Normal,
                $task->find('start')?->instant(),
                $task->find('due')?->instant(),
            );
        }

        return $events;
    }

    /** @param int $at instant of the event */
    public static function facts(?Node $node, FieldCatalogue $fields, Roster $roster, int $at): Facts
    {
        $values = [];
        foreach ($node?->members() ?? [] as $path => $value) {
            $field = $fields->find((string) $path) ?? throw $value->fail("There is no field \"{$path}\".");
            if ($value->value !== null) {
                $values[(string) $path] = ValueCodec::read($value, $field);
            }
        }

        return new Facts($values, $roster->house->zone()->dateAt($at));
    }

    private static function effort(Node $node): Effort
    {
        return new Effort(
            $node->find('usual_effort')?->minutes() ?? 0,
            $node->find('estimate')?->minutes(),
            $node->find('spent')?->minutes() ?? 0,
            $node->find('remaining')?->minutes(),
        );
    }

    private static function person(Node $node, Roster $roster): string
    {
        return isset($roster->people[$node->text()]) ? $node->text() : throw $node->fail("There is no person \"{$node->text()}\".");
    }
}
