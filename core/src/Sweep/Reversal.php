<?php

declare(strict_types=1);

namespace OpenBaton\Core\Sweep;

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Subject\PlainState;
use OpenBaton\Core\Subject\Sharing;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Text\FollowingTexts;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * What is to be put back on a task: of each property that has changed what it was, and what it became. What somebody
 * has changed since stays as they have it.
 */
final readonly class Reversal
{
    /** What goes with who holds it. */
    private const OF_HOLDER = ['holderId', 'previousHolderId', 'openTo', 'covering', 'sharing', 'toHandOn'];

    /** @param array<string, array{mixed, mixed}> $parts was and became, by property; of fields by "fields/" and path */
    private function __construct(public array $parts) {}

    public static function of(TaskSubject $before, TaskSubject $after): self
    {
        $was = self::plain($before);
        $became = self::plain($after);
        $parts = [];
        foreach ($was + $became as $name => $any) {
            $pair = [$was[$name] ?? null, $became[$name] ?? null];
            if ($pair[0] !== $pair[1]) {
                $parts[$name] = $pair;
            }
        }

        return new self($parts);
    }

    /** @param array<array-key, mixed> $written as write() gives it */
    public static function read(array $written): self
    {
        $parts = [];
        foreach ($written as $name => $pair) {
            if (is_array($pair)) {
                $parts[(string) $name] = [$pair[0] ?? null, $pair[1] ?? null];
            }
        }

        return new self($parts);
    }

    /** @return array<string, array{mixed, mixed}> for JSON */
    public function write(): array
    {
        return $this->parts;
    }

    /** The same, but for who had it: it stays with whoever has it. */
    public function withoutHolder(): self
    {
        return new self(array_diff_key($this->parts, array_flip(self::OF_HOLDER)));
    }

    /** Who held it before; null: it did not change, or nobody did. */
    public function heldBy(): ?string
    {
        $was = $this->parts['holderId'][0] ?? null;

        return is_string($was) ? $was : null;
    }

    public function on(TaskSubject $now): TaskSubject
    {
        $plain = self::plain($now);
        $changes = [];
        $fields = $now->fields;
        foreach ($this->parts as $name => [$was, $became]) {
            if (($plain[$name] ?? null) !== $became) {
                continue;
            }
            if (str_starts_with($name, 'fields/')) {
                $path = substr($name, strlen('fields/'));
                unset($fields[$path]);
                $fields += $was === null ? [] : [$path => $was];
            } else {
                $changes[$name] = self::typed($name, $was);
            }
        }

        return $now->with($changes + ['fields' => $fields]);
    }

    /** @return list<string> names of the parts that somebody has changed since */
    public function left(TaskSubject $now): array
    {
        $plain = self::plain($now);
        $left = [];
        foreach ($this->parts as $name => [$was, $became]) {
            $is = $plain[$name] ?? null;
            if ($is !== $became && $is !== $was) {
                $left[] = $name;
            }
        }

        return $left;
    }

    /** @return array<string, mixed> by property; of fields by "fields/" and the path, those of the task alone */
    private static function plain(TaskSubject $subject): array
    {
        $state = json_decode(
            json_encode(PlainState::of($subject), JSON_THROW_ON_ERROR),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        /** @var array<string, mixed> $plain */
        $plain = (array) $state;
        $fields = $plain['fields'] ?? null;
        unset($plain['fields']);
        foreach (is_array($fields) ? $fields : [] as $path => $value) {
            if (str_starts_with((string) $path, 'task.')) {
                $plain["fields/{$path}"] = $value;
            }
        }

        return $plain;
    }

    private static function typed(string $name, mixed $was): mixed
    {
        if ($was === null) {
            return null;
        }
        $node = Node::root($was);

        return match ($name) {
            'status', 'resumesAs' => $node->case(TaskStatus::class),
            'priority' => $node->case(Priority::class),
            'effort' => new Effort(
                $node->get('default')->int(),
                $node->find('estimate')?->int(),
                $node->get('spent')->int(),
                $node->find('remaining')?->int(),
            ),
            'covering', 'reviewCovering' => new Covering(
                $node->get('forId')->text(),
                $node->get('absenceId')->text(),
                $node->textsOf('via'),
                $node->get('held')->bool(),
                $node->textsOf('touchedBy'),
            ),
            'sharing' => self::sharing($node),
            'dueFollows' => self::follow($node->items()),
            'textFollows' => FollowingTexts::read((array) $was),
            'checklist' => array_map(
                static fn(Node $item): ChecklistItem => new ChecklistItem(
                    $item->get('text')->text(),
                    $item->get('done')->bool(),
                ),
                $node->items(),
            ),
            default => $was,
        };
    }

    private static function sharing(Node $node): ?Sharing
    {
        $others = $node->textsOf('withIds');

        return $others === [] ? null : new Sharing($others, $node->get('doTogether')->bool());
    }

    /** @param list<Node> $parts path, offset, and time of day or nothing */
    private static function follow(array $parts): Follow
    {
        return new Follow(
            $parts[0]->text(),
            Offset::parse($parts[1]->text()),
            ($parts[2]->value ?? null) === null ? null : TimeOfDay::parse($parts[2]->text()),
        );
    }
}
