<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

/** Reads a world: all that decisions depend on, and the events to decide; docs/formats/world.schema.json describes it. */
final class WorldFormat
{
    public const VERSION = 'world/2';

    /** There, a rotation had a "now" and "marks" for its virtual time and passes. */
    public const FIRST_VERSION = 'world/1';

    private const MEMBERS = ['openbaton', 'clock', 'roster', 'rulebook', 'rotations', 'work', 'last_assigned', 'events'];

    private const EFFORT = ['usual_effort', 'estimate', 'spent', 'remaining'];

    /** @throws DocumentError */
    public static function read(Node $node): World
    {
        Format::expect($node, self::VERSION, self::FIRST_VERSION);
        $node->only(self::MEMBERS);
        $clock = $node->get('clock')->instant();
        $roster = RosterFormat::read($node->get('roster'));
        $rulebook = RulebookFormat::read($node->get('rulebook'), $roster);

        return new World(
            $clock,
            $roster,
            $rulebook,
            Rotations::of(array_map(
                static fn(Node $rotation): Rotation => self::rotation($rotation, $roster),
                array_values(Format::distinct($node->itemsOf('rotations'), 'name', TextLimits::ROTATION)),
            )),
            self::work($node, $roster, $clock),
            self::events($node, $rulebook->fields, $roster, $clock),
        );
    }

    private static function rotation(Node $node, Roster $roster): Rotation
    {
        $node->only(['name', 'virtual_time', 'passes', 'now', 'marks']);
        $passes = [];
        foreach ([...$node->itemsOf('passes'), ...$node->itemsOf('marks')] as $seat) {
            $seat->only(['person', 'pass', 'mark']);
            $person = Known::person($seat->get('person'), $roster->people);
            if (isset($passes[$person])) {
                throw $seat->get('person')->fail('"{person}" is in this rotation already.', person: $person);
            }
            $passes[$person] = ($seat->find('pass') ?? $seat->find('mark') ?? $seat->get('pass'))->intBetween(0, Rotation::LARGEST);
        }
        $time = $node->find('virtual_time') ?? $node->find('now');

        return new Rotation($node->get('name')->line(TextLimits::ROTATION), $time?->intBetween(0, Rotation::LARGEST) ?? 0, $passes);
    }

    private static function work(Node $node, Roster $roster, int $clock): Work
    {
        $items = [];
        foreach (Format::distinct($node->itemsOf('work')) as $id => $item) {
            $item->only(['id', 'assignee', 'reviewer', 'status', 'priority', 'created', 'start', 'due', ...self::EFFORT]);
            $start = $item->find('start')?->instant();
            $items[] = new WorkItem(
                (string) $id,
                $item->has('assignee') ? Known::person($item->get('assignee'), $roster->people) : null,
                $item->find('status')?->case(TaskStatus::class) ?? TaskStatus::New,
                $item->find('priority')?->case(Priority::class) ?? Priority::Normal,
                self::effort($item),
                $item->find('created')?->instant() ?? $clock,
                $start,
                self::due($item, $start),
                $item->has('reviewer') ? Known::person($item->get('reviewer'), $roster->people) : null,
            );
        }
        $lastAssigned = [];
        foreach ($node->find('last_assigned')?->members() ?? [] as [$id, $at]) {
            if (! isset($roster->people[$id])) {
                throw $at->fail('There is no person "{id}".', id: $id);
            }
            $lastAssigned[$id] = $at->instant();
            if ($lastAssigned[$id] > $clock) {
                throw $at->fail('Nobody was given anything after the clock.');
            }
        }

        return Work::of($items, $lastAssigned);
    }

    /** @return list<ChangeSet> */
    private static function events(Node $node, FieldCatalogue $fields, Roster $roster, int $clock): array
    {
        $events = [];
        $tasks = [];
        foreach (Format::distinct($node->get('events')->items()) as $id => $item) {
            $item->only(['id', 'kind', 'at', 'task']);
            $at = $item->find('at')?->instant() ?? $clock;
            if ($at < $clock) {
                throw $item->get('at')->fail('Events come in the order of time, none before the clock.');
            }
            if ($item->get('kind')->text() !== TaskArrives::kind()) {
                throw $item->get('kind')->fail('"{given}" is not one of: {known}.', given: $item->get('kind')->text(), known: TaskArrives::kind());
            }
            $clock = $at;
            $task = $item->get('task');
            $taskId = $task->get('id')->line(TextLimits::ID);
            if (isset($tasks[$taskId])) {
                throw $task->get('id')->fail('"{task_id}" has arrived already.', task_id: $taskId);
            }
            $tasks[$taskId] = true;
            $events[] = new ChangeSet((string) $id, $at, null, self::subject($task, $taskId, $at), self::facts($task->find('facts'), $fields, $roster, $at));
        }

        return $events;
    }

    private static function subject(Node $task, string $id, int $at): Subject
    {
        $task->only(['id', 'priority', 'start', 'due', 'facts', ...self::EFFORT]);
        $start = $task->find('start')?->instant();

        return new Subject(
            $id,
            $at,
            self::effort($task),
            priority: $task->find('priority')?->case(Priority::class) ?? Priority::Normal,
            startAt: $start,
            dueAt: self::due($task, $start),
        );
    }

    /** @param int $at instant of the event */
    public static function facts(?Node $node, FieldCatalogue $fields, Roster $roster, int $at): Facts
    {
        $values = [];
        foreach ($node?->members() ?? [] as [$path, $value]) {
            $field = $fields->find($path) ?? throw $value->fail('There is no field "{path}".', path: $path);
            if ($value->value !== null) {
                $values[$path] = ValueCodec::read($value, $field, $roster);
            }
        }

        return new Facts($values, $roster->house->zone()->dateAt($at));
    }

    private static function due(Node $node, ?int $start): ?int
    {
        $due = $node->find('due')?->instant();

        return $due !== null && $start !== null && $due < $start
            ? throw $node->get('due')->fail('It is due before it can be started.')
            : $due;
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
}
