<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Event\Pressed;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\World\Arrives;
use OpenBaton\Core\World\Changes;
use OpenBaton\Core\World\Happening;
use OpenBaton\Core\World\RunsRule;
use OpenBaton\Core\World\Ticks;
use OpenBaton\Core\World\WorldState;

/** Reads what happens in a world, in the order of time. */
final class HappeningFormat
{
    private const ARRIVES = 'task_arrives';
    private const CHANGES = 'task_changes';
    private const PRESSED = 'pressed';
    private const APPLIED = 'rule_applied';
    private const TICK = 'tick';
    private const OF_TASKS = [self::ARRIVES, self::CHANGES, self::PRESSED, self::APPLIED, self::TICK];
    public const KINDS = [
        ...self::OF_TASKS,
        ...CustomerHappenings::KINDS,
        ...CaseHappenings::KINDS,
        ...ApprovalHappenings::KINDS,
    ];

    /** @var array<array-key, true> ids of tasks that there are by then */
    private array $tasks = [];
    private readonly TaskFormat $format;
    private readonly CaseHappenings $ofCases;
    private readonly CustomerHappenings $ofCustomers;

    /**
     * @param list<TaskSubject> $tasks that are there at the beginning
     * @param list<CaseSubject> $cases likewise
     * @param list<CustomerSubject> $customers likewise
     * @param int           $clock instant
     */
    public function __construct(
        private readonly Roster $roster,
        private readonly Rulebook $rulebook,
        TaskCatalogue $catalogue,
        array $tasks,
        array $cases,
        array $customers,
        private int $clock,
    ) {
        $this->ofCases = new CaseHappenings($roster, $rulebook, $catalogue, array_column($cases, 'trackId', 'id'));
        $this->ofCustomers = new CustomerHappenings(
            $roster,
            $rulebook,
            array_fill_keys(array_column($customers, 'id'), true),
        );
        $this->format = new TaskFormat($rulebook->fields, $roster);
        foreach ($tasks as $task) {
            $this->tasks[$task->id] = true;
        }
    }

    /** @throws DocumentError */
    public function read(string $id, Node $node): Happening
    {
        $at = $node->find('at')?->instant() ?? $this->clock;
        if ($at < $this->clock) {
            throw $node->get('at')->fail('Events come in the order of time, none before the clock.');
        }
        $this->clock = $at;
        $kind = $node->get('kind')->text();

        return match ($kind) {
            self::ARRIVES => $this->arrives($id, $at, $node),
            self::CHANGES => $this->changes($id, $at, $node),
            self::PRESSED => $this->runs($id, $at, $node, Pressed::kind()),
            self::APPLIED => $this->runs($id, $at, $node, Trigger::APPLIED),
            self::TICK => $this->ticks($id, $at, $node),
            ApprovalHappenings::ANSWERED => (new ApprovalHappenings($this->roster))->read(
                $this->either($node->get('of')),
                $id,
                $at,
                $node,
            ),
            default => $this->ofCases->read($kind, $id, $at, $node) ??
                ($this->ofCustomers->read($kind, $id, $at, $node) ??
                    throw $node
                        ->get('kind')
                        ->fail('"{given}" is not one of: {known}.', given: $kind, known: implode(', ', self::KINDS))),
        };
    }

    private function arrives(string $id, int $at, Node $node): Arrives
    {
        $node->only(['id', 'kind', 'at', 'task']);
        $task = $node->get('task');
        $taskId = $task->get('id')->line(TextLimits::ID);
        if (isset($this->tasks[$taskId])) {
            throw $task->get('id')->fail('"{task_id}" has arrived already.', task_id: $taskId);
        }
        $this->tasks[$taskId] = true;
        $subject = $this->format->read($task, $at);

        return new Arrives(
            new ChangeSet(
                $id,
                $at,
                null,
                $subject,
                (new ChangeFacts($this->roster, Lookups::ofRulebook($this->rulebook)))->of(null, $subject, $at),
            ),
        );
    }

    /** @return Changes<TaskSubject> */
    private function changes(string $id, int $at, Node $node): Changes
    {
        $node->only(['id', 'kind', 'at', 'task', 'by', 'set']);
        $taskId = $this->task($node->get('task'));
        $set = new TaskEditFormat($node->get('set'), $this->rulebook->fields, $this->roster);

        return new Changes(
            $id,
            $at,
            static fn(WorldState $state): array => [$state->task($taskId)],
            $set->on(...),
            $node->find('by')?->case(Cause::class) ?? Cause::Person,
            $set->happened,
        );
    }

    private function runs(string $id, int $at, Node $node, string $kind): RunsRule
    {
        $node->only(['id', 'kind', 'at', 'task', 'case', 'rule']);
        $subjectId = $node->has('case') ? $this->case($node->get('case')) : $this->task($node->get('task'));
        $ruleId = $node->get('rule')->line(TextLimits::ID);
        foreach ($this->rulebook->rules as $rule) {
            if ($rule->id === $ruleId && ($kind === Trigger::APPLIED || $rule->waitsFor(Pressed::class))) {
                return new RunsRule($id, $at, $subjectId, $ruleId, $kind);
            }
        }

        throw $kind === Trigger::APPLIED
            ? $node->get('rule')->fail('There is no rule "{rule}".', rule: $ruleId)
            : $node->get('rule')->fail('There is no rule "{rule}" with a button.', rule: $ruleId);
    }

    private function ticks(string $id, int $at, Node $node): Ticks
    {
        $node->only(['id', 'kind', 'at']);

        return new Ticks($id, $at);
    }

    private function case(Node $node): string
    {
        $id = $node->line(TextLimits::ID);

        return $this->ofCases->has($id) ? $id : throw $node->fail('There is no case "{id}".', id: $id);
    }

    /** @return string id of a case or a task */
    private function either(Node $node): string
    {
        return $this->ofCases->has($node->text()) ? $this->case($node) : $this->task($node);
    }

    private function task(Node $node): string
    {
        $id = $node->line(TextLimits::ID);

        // What rules make is called after what made it: "T1.1", "T1.2", …
        $root = explode('.', $id)[0];

        return isset($this->tasks[$id]) || isset($this->tasks[$root]) || ($root !== $id && $this->ofCases->has($root))
            ? $id
            : throw $node->fail('There is no task "{id}".', id: $id);
    }
}
