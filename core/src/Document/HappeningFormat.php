<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Event\Pressed;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;
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
    private const CUSTOMER = 'customer_changes';
    private const PRESSED = 'pressed';
    private const APPLIED = 'rule_applied';
    private const TICK = 'tick';
    public const KINDS = [self::ARRIVES, self::CHANGES, self::CUSTOMER, self::PRESSED, self::APPLIED, self::TICK];

    /** @var array<array-key, true> ids of tasks that there are by then */
    private array $tasks = [];
    private readonly TaskFormat $format;

    /**
     * @param list<Subject> $tasks that are there at the beginning
     * @param int           $clock instant
     */
    public function __construct(
        private readonly Roster $roster,
        private readonly Rulebook $rulebook,
        array $tasks,
        private int $clock,
    ) {
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
            self::CUSTOMER => $this->customerChanges($id, $at, $node),
            self::PRESSED => $this->runs($id, $at, $node, Pressed::kind()),
            self::APPLIED => $this->runs($id, $at, $node, Trigger::APPLIED),
            self::TICK => $this->ticks($id, $at, $node),
            default => throw $node
                ->get('kind')
                ->fail('"{given}" is not one of: {known}.', given: $kind, known: implode(', ', self::KINDS)),
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

    private function customerChanges(string $id, int $at, Node $node): Changes
    {
        $node->only(['id', 'kind', 'at', 'customer', 'facts']);
        $customerId = $node->get('customer')->line(TextLimits::ID);
        $facts = TaskEditFormat::facts($node->get('facts'), $this->rulebook->fields, $this->roster);

        return new Changes(
            $id,
            $at,
            static fn(WorldState $state): array => $state->ofCustomer($customerId, ''),
            static function (Subject $subject) use ($facts): Subject {
                foreach ($facts as $path => $value) {
                    $subject = $subject->withField($path, $value);
                }

                return $subject;
            },
        );
    }

    private function runs(string $id, int $at, Node $node, string $kind): RunsRule
    {
        $node->only(['id', 'kind', 'at', 'task', 'rule']);
        $ruleId = $node->get('rule')->line(TextLimits::ID);
        foreach ($this->rulebook->rules as $rule) {
            if ($rule->id === $ruleId && ($kind === Trigger::APPLIED || $rule->waitsFor(Pressed::class))) {
                return new RunsRule($id, $at, $this->task($node->get('task')), $ruleId, $kind);
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

    private function task(Node $node): string
    {
        $id = $node->line(TextLimits::ID);

        // What rules make is called after what made it: "T1.1", "T1.2", …
        return isset($this->tasks[$id]) || isset($this->tasks[explode('.', $id)[0]])
            ? $id
            : throw $node->fail('There is no task "{id}".', id: $id);
    }
}
