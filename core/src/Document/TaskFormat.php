<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Subject\Sharing;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** Reads tasks with their whole state. */
final readonly class TaskFormat
{
    public const EFFORT = ['usual_effort', 'estimate', 'spent', 'remaining'];

    private const MEMBERS = [
        'id',
        'created',
        'status',
        'priority',
        'assignee',
        'held_with',
        'do_together',
        'open_to',
        'reviewer',
        'last_reviewer',
        'previous_assignee',
        'start',
        'due',
        'due_follows',
        'wakes',
        'waiting_for',
        'waits_on',
        'tags',
        'checklist',
        'comments',
        'files',
        'watchers',
        'customer',
        'creator',
        'to_hand_on',
        'case',
        'stage',
        'needed',
        'facts',
        ...self::EFFORT,
    ];
    private const MOST = 1_000_000;

    public function __construct(private FieldCatalogue $fields, private Roster $roster) {}

    /**
     * @param int $at instant at which it was made, where it does not say
     *
     * @throws DocumentError
     */
    public function read(Node $node, int $at): TaskSubject
    {
        $node->only(self::MEMBERS);
        $facts = self::values($node->find('facts'), $this->fields, $this->roster);
        $start = $node->find('start')?->instant();
        $people = fn(string $name): array => array_map(
            fn(Node $one): string => Known::person($one, $this->roster->people),
            $node->itemsOf($name),
        );
        $tags = $facts['task.tags'] ?? [];

        return new TaskSubject(
            $node->get('id')->line(TextLimits::ID),
            $node->find('created')?->instant() ?? $at,
            self::effort($node, $facts['task.estimate'] ?? null),
            $node->find('status')?->case(TaskStatus::class) ?? TaskStatus::New,
            $node->find('priority')?->case(Priority::class) ??
                (Priority::tryFrom(is_string($facts['task.priority'] ?? null) ? $facts['task.priority'] : '') ??
                    Priority::Normal),
            $this->person($node, 'assignee'),
            $people('open_to'),
            $this->person($node, 'reviewer'),
            $start,
            self::due($node, $start),
            $node->has('tags')
                ? array_map(static fn(Node $tag): string => $tag->line(TextLimits::TAG), $node->itemsOf('tags'))
                : (is_array($tags)
                    ? $tags
                    : []),
            array_diff_key($facts, StateFields::TYPES),
            $this->person($node, 'last_reviewer'),
            $node->find('wakes')?->instant(),
            $node->find('waiting_for')?->line(TextLimits::NAME),
            waitsOn: $node->textsOf('waits_on'),
            dueFollows: $node->has('due_follows') ? self::follow($node->get('due_follows'), $this->fields) : null,
            checklist: array_map(self::item(...), $node->itemsOf('checklist')),
            comments: $node->find('comments')?->intBetween(0, self::MOST) ?? 0,
            files: $node->find('files')?->intBetween(0, self::MOST) ?? 0,
            watcherIds: $people('watchers'),
            customerId: $node->find('customer')?->line(TextLimits::ID),
            creatorId: $this->person($node, 'creator'),
            previousHolderId: $this->person($node, 'previous_assignee'),
            sharing: $this->sharing($node),
            toHandOn: $node->find('to_hand_on')?->bool() ?? false,
            caseId: $node->find('case')?->line(TextLimits::ID),
            stage: $node->find('stage')?->line(TextLimits::LABEL),
            needed: $node->find('needed')?->bool() ?? false,
        );
    }

    /** @return array<string, string|int|float|bool|list<string>> by path */
    public static function values(?Node $node, FieldCatalogue $fields, Roster $roster): array
    {
        $values = [];
        foreach ($node?->members() ?? [] as [$path, $value]) {
            $field = $fields->find($path) ?? throw $value->fail('There is no field "{path}".', path: $path);
            if ($value->value !== null) {
                $values[$path] = ValueCodec::read($value, $field, $roster);
            }
        }

        return $values;
    }

    public static function follow(Node $node, FieldCatalogue $fields): Follow
    {
        $node->only(['field', 'offset', 'time']);
        $path = $node->get('field')->line(TextLimits::ID);
        if ($fields->find($path) === null) {
            throw $node->get('field')->fail('There is no field "{path}".', path: $path);
        }

        return $node->refuse(
            static fn(): Follow => new Follow(
                $path,
                Offset::parse($node->get('offset')->text()),
                $node->has('time') ? TimeOfDay::parse($node->get('time')->text()) : null,
            ),
        );
    }

    /** @return array<string, string> */
    public static function writeFollow(Follow $follow): array
    {
        return ['field' => $follow->path, 'offset' => $follow->offset->format()] +
            ($follow->time === null ? [] : ['time' => $follow->time->format()]);
    }

    public static function due(Node $node, ?int $start): ?int
    {
        $due = $node->find('due')?->instant();

        return $due !== null && $start !== null && $due < $start
            ? throw $node->get('due')->fail('It is due before it can be started.')
            : $due;
    }

    public static function effort(Node $node, mixed $estimate = null): Effort
    {
        return new Effort(
            $node->find('usual_effort')?->minutes() ?? 0,
            $node->find('estimate')?->minutes() ?? (is_int($estimate) ? $estimate : null),
            $node->find('spent')?->minutes() ?? 0,
            $node->find('remaining')?->minutes(),
        );
    }

    private function sharing(Node $node): ?Sharing
    {
        $others = self::others($node, $this->roster);
        $together = $node->find('do_together')?->bool() ?? false;

        return $others === [] ? null : new Sharing($others, $together);
    }

    /**
     * @return list<string> who holds something together with its assignee
     *
     * @throws DocumentError
     */
    public static function others(Node $node, Roster $roster): array
    {
        $assignee = $node->find('assignee')?->text();
        $others = [];
        foreach ($node->itemsOf('held_with') as $one) {
            $id = Known::person($one, $roster->people);
            if ($assignee === null || in_array($id, [$assignee, ...$others], true)) {
                throw $one->fail('Name those who hold it beside the assignee, each once.');
            }
            $others[] = $id;
        }

        return $others;
    }

    private static function item(Node $node): ChecklistItem
    {
        $node->only(['text', 'done']);

        return new ChecklistItem($node->get('text')->line(TextLimits::NAME), $node->find('done')?->bool() ?? false);
    }

    private function person(Node $node, string $name): ?string
    {
        return $node->has($name) ? Known::person($node->get($name), $this->roster->people) : null;
    }
}
