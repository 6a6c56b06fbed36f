<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Event\CommentAdded;
use OpenBaton\Core\Rulebook\Event\FileAdded;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** What is changed on a task, read from a document; null empties. */
final readonly class TaskEditFormat
{
    public const MEMBERS = [
        'status',
        'priority',
        'assignee',
        'reviewer',
        'start',
        'to_hand_on',
        'due',
        'wakes',
        'waiting_for',
        'tags_on',
        'tags_off',
        'items',
        'tick',
        'facts',
        'happened',
        'comment',
        'file',
    ];

    /** @var list<Happened> what happens besides */
    public array $happened;
    /** @var array<string, mixed> by name, of the types of the state */
    private array $set;
    /** @var array<string, string|int|float|bool|list<string>|null> by path */
    private array $facts;

    /** @throws DocumentError */
    public function __construct(private Node $node, FieldCatalogue $fields, Roster $roster)
    {
        $node->only(self::MEMBERS);
        $context = new RuleContext(KindRegistry::standard(), $fields, $roster);
        $comment = $node->find('comment')?->case(Author::class);
        $file = $node->find('file')?->case(Author::class);
        $this->happened = [
            // Short for two kinds of what happens: by whom a comment or a file is added.
            ...$comment === null ? [] : [new CommentAdded($comment)],
            ...$file === null ? [] : [new FileAdded($file)],
            ...array_map(
                static fn(Node $one): Happened => HappenedFormat::read($one, $context),
                $node->itemsOf('happened'),
            ),
        ];
        $person = static fn(Node $one): string => Known::person($one, $roster->people);
        $this->set = array_filter(
            [
                'status' => $node->find('status')?->case(TaskStatus::class),
                'priority' => $node->find('priority')?->case(Priority::class),
                'assignee' => $node->has('assignee') ? $person($node->get('assignee')) : null,
                'reviewer' => $node->has('reviewer') ? $person($node->get('reviewer')) : null,
                'start' => $node->find('start')?->instant(),
                'to_hand_on' => $node->find('to_hand_on')?->bool(),
                'due' => $node->find('due')?->instant(),
                'wakes' => $node->find('wakes')?->instant(),
                'waiting_for' => $node->find('waiting_for')?->line(TextLimits::NAME),
            ],
            static fn(mixed $value): bool => $value !== null,
        );
        $this->facts = $node->has('facts') ? self::facts($node->get('facts'), $fields, $roster) : [];
    }

    /**
     * @return array<string, string|int|float|bool|list<string>|null> by path; null: it is emptied
     *
     * @throws DocumentError
     */
    public static function facts(Node $node, FieldCatalogue $fields, Roster $roster): array
    {
        $facts = [];
        foreach ($node->members() as [$path, $value]) {
            $field = $fields->find($path) ?? throw $value->fail('There is no field "{path}".', path: $path);
            if (isset(StateFields::TYPES[$path])) {
                throw $value->fail('"{path}" follows from the state of the task; set that.', path: $path);
            }
            $facts[$path] = $value->value === null ? null : ValueCodec::read($value, $field, $roster);
        }

        return $facts;
    }

    public function on(TaskSubject $subject): TaskSubject
    {
        foreach ($this->facts as $path => $value) {
            $subject = $subject->withField($path, $value);
        }
        $subject = $this->status($subject);
        foreach ($this->node->textsOf('tags_on') as $tag) {
            $subject = $subject->tagged($tag);
        }
        foreach ($this->node->textsOf('tags_off') as $tag) {
            $subject = $subject->untagged($tag);
        }
        if ($this->sets('assignee')) {
            $holder = $this->set['assignee'] ?? null;
            $subject = is_string($holder) ? $subject->heldBy($holder) : $subject->heldBy(null, $subject->openTo);
        }
        $changes = [];
        foreach (['priority' => 'priority', 'reviewer' => 'reviewerId', 'start' => 'startAt'] as $name => $property) {
            if ($this->sets($name)) {
                $changes[$property] = $this->set[$name] ?? ($name === 'priority' ? $subject->priority : null);
            }
        }
        if ($this->sets('to_hand_on')) {
            $changes += ['toHandOn' => $this->node->get('to_hand_on')->bool()];
        }
        if ($this->sets('due')) {
            $changes += ['dueAt' => $this->set['due'] ?? null, 'dueFollows' => null];
        }
        $ticked = $this->node->textsOf('tick');
        $subject = $subject->withItems($this->node->textsOf('items'));

        return $subject->with(
            $changes + [
                'checklist' => array_map(
                    static fn(ChecklistItem $item): ChecklistItem => in_array($item->text, $ticked, true)
                        ? new ChecklistItem($item->text, true)
                        : $item,
                    $subject->checklist,
                ),
                'comments' => $subject->comments + $this->count(CommentAdded::class),
                'files' => $subject->files + $this->count(FileAdded::class),
            ],
        );
    }

    /** @param class-string<Happened> $kind */
    private function count(string $kind): int
    {
        return count(array_filter($this->happened, static fn(Happened $one): bool => $one instanceof $kind));
    }

    private function status(TaskSubject $subject): TaskSubject
    {
        $status = $this->set['status'] ?? $subject->status;
        $subject = $status instanceof TaskStatus ? $subject->inStatus($status) : $subject;
        if ($subject->status !== TaskStatus::Waiting) {
            return $subject;
        }

        return $subject->with([
            'wakesAt' => $this->sets('wakes') ? $this->set['wakes'] ?? null : $subject->wakesAt,
            'waitingFor' => $this->sets('waiting_for') ? $this->set['waiting_for'] ?? null : $subject->waitingFor,
        ]);
    }

    private function sets(string $name): bool
    {
        return array_key_exists($name, (array) $this->node->value);
    }
}
