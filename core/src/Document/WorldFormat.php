<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;
use OpenBaton\Core\World\Happening;
use OpenBaton\Core\World\World;

/**
 * Reads a world: all that decisions depend on, and the events to decide; docs/formats/world.schema.json describes it.
 */
final class WorldFormat
{
    public const VERSION = 'world/3';

    /** There, tasks only arrived. */
    public const SECOND_VERSION = 'world/2';

    /** There, a rotation had a "now" and "marks" for its virtual time and passes besides. */
    public const FIRST_VERSION = 'world/1';

    private const MEMBERS = [
        'openbaton',
        'clock',
        'roster',
        'trade',
        'rulebook',
        'rotations',
        'customers',
        'cases',
        'tasks',
        'work',
        'last_assigned',
        'events',
    ];

    /** @throws DocumentError */
    public static function read(Node $node): World
    {
        Format::expect($node, self::VERSION, self::SECOND_VERSION, self::FIRST_VERSION);
        $node->only(self::MEMBERS);
        $clock = $node->get('clock')->instant();
        $fields = RulebookFormat::catalogue($node->get('rulebook')->get('fields'));
        $roster = RosterFormat::read($node->get('roster'), $fields);
        $taskCatalogue = TradeFormat::read($node->find('trade'), $fields, $roster);
        $rulebook = RulebookFormat::read(
            $node->get('rulebook'),
            $roster,
            taskCatalogue: $node->has('trade') ? $taskCatalogue : null,
        );
        $ofCustomers = new CustomerFormat($fields, $roster);
        $customers = array_map(
            static fn(Node $customer): CustomerSubject => $ofCustomers->read($customer, $clock),
            Format::distinct($node->itemsOf('customers')),
        );
        $ofCases = new CaseFormat($fields, $roster, $taskCatalogue->tracks);
        $cases = array_map(
            static fn(Node $case): CaseSubject => self::of($ofCases->read($case, $clock), $customers, $roster),
            Format::distinct($node->itemsOf('cases')),
        );
        $format = new TaskFormat($fields, $roster);
        $tasks = array_values(
            array_map(
                static fn(Node $task): TaskSubject => self::inCase(
                    self::of($format->read($task, $clock), $customers, $roster),
                    $task,
                    $cases,
                    $roster,
                ),
                Format::distinct($node->itemsOf('tasks')),
            ),
        );
        $cases = array_values($cases);
        $customers = array_values($customers);

        return new World(
            $clock,
            $roster,
            $rulebook,
            Rotations::of(
                array_map(
                    static fn(Node $rotation): Rotation => self::rotation($rotation, $roster),
                    array_values(Format::distinct($node->itemsOf('rotations'), 'name', TextLimits::ROTATION)),
                ),
            ),
            self::work($node, $roster, $clock),
            self::events($node, $rulebook, $roster, $taskCatalogue, $tasks, $cases, $customers, $clock),
            $taskCatalogue,
            $tasks,
            $cases,
            $customers,
        );
    }

    /**
     * It with what it sees of its customer, who was told of.
     *
     * @template T of Subject
     *
     * @param T $one
     * @param array<array-key, CustomerSubject> $customers by id
     *
     * @return T
     */
    private static function of(Subject $one, array $customers, Roster $roster): Subject
    {
        return $one->withFields(($customers[$one->customerId ?? ''] ?? null)?->seen($roster->house->zone()) ?? []);
    }

    /**
     * @param array<array-key, CaseSubject> $cases by id
     *
     * @throws DocumentError where there is no such case
     */
    private static function inCase(TaskSubject $task, Node $node, array $cases, Roster $roster): TaskSubject
    {
        if (isset($cases[$task->id])) {
            throw $node->get('id')->fail('A case has this id.');
        }
        if ($task->caseId === null) {
            return $task;
        }
        $case = $cases[$task->caseId] ?? throw $node->get('case')->fail('There is no case "{id}".', id: $task->caseId);

        return $task
            ->inCase($case->id, $task->stage ?? $case->stage(), $task->needed)
            ->seeing(CaseFields::ofCase($case, $roster->house->zone()));
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
            $passes[$person] = ($seat->find('pass') ?? ($seat->find('mark') ?? $seat->get('pass')))->intBetween(
                0,
                Rotation::LARGEST,
            );
        }
        $time = $node->find('virtual_time') ?? $node->find('now');

        return new Rotation(
            $node->get('name')->line(TextLimits::ROTATION),
            $time?->intBetween(0, Rotation::LARGEST) ?? 0,
            $passes,
        );
    }

    private static function work(Node $node, Roster $roster, int $clock): Work
    {
        $items = [];
        foreach (Format::distinct($node->itemsOf('work')) as $id => $item) {
            $item->only([
                'id',
                'assignee',
                'held_with',
                'reviewer',
                'status',
                'priority',
                'created',
                'start',
                'due',
                'amount',
                ...TaskFormat::EFFORT,
            ]);
            $start = $item->find('start')?->instant();
            $items[] = new WorkItem(
                (string) $id,
                $item->has('assignee') ? Known::person($item->get('assignee'), $roster->people) : null,
                $item->find('status')?->case(TaskStatus::class) ?? TaskStatus::New,
                $item->find('priority')?->case(Priority::class) ?? Priority::Normal,
                TaskFormat::effort($item),
                $item->find('created')?->instant() ?? $clock,
                $start,
                TaskFormat::due($item, $start),
                $item->has('reviewer') ? Known::person($item->get('reviewer'), $roster->people) : null,
                TaskFormat::others($item, $roster),
                // As much as the field has of which the house measures load.
                $item->has('amount') && $roster->measure->field !== null
                    ? [$roster->measure->field => $item->get('amount')->number()]
                    : [],
            );
        }
        $lastAssigned = [];
        foreach ($node->find('last_assigned')?->members() ?? [] as [$id, $at]) {
            if (!isset($roster->people[$id])) {
                throw $at->fail('There is no person "{id}".', id: $id);
            }
            $lastAssigned[$id] = $at->instant();
            if ($lastAssigned[$id] > $clock) {
                throw $at->fail('Nobody was given anything after the clock.');
            }
        }

        return Work::of($items, $lastAssigned);
    }

    /**
     * @param list<TaskSubject> $tasks
     * @param list<CaseSubject> $cases
     * @param list<CustomerSubject> $customers
     *
     * @return list<Happening>
     */
    private static function events(
        Node $node,
        Rulebook $rulebook,
        Roster $roster,
        TaskCatalogue $catalogue,
        array $tasks,
        array $cases,
        array $customers,
        int $clock,
    ): array {
        $format = new HappeningFormat($roster, $rulebook, $catalogue, $tasks, $cases, $customers, $clock);
        $events = [];
        foreach (Format::distinct($node->get('events')->items()) as $id => $item) {
            $events[] = $format->read((string) $id, $item);
        }

        return $events;
    }
}
