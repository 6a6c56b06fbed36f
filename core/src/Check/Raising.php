<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Rulebook\Event\Dropped;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\FieldChanges;
use OpenBaton\Core\Rulebook\Event\HolderChanges;
use OpenBaton\Core\Rulebook\Event\ReviewerChanges;
use OpenBaton\Core\Rulebook\Event\StatusBecomes;
use OpenBaton\Core\Rulebook\Event\StatusLeaves;
use OpenBaton\Core\Rulebook\Event\TagOff;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\FieldChangeHow;
use OpenBaton\Core\Workload\TaskStatus;

/** Which effects of rules raise the events that rules wait for. */
final class Raising
{
    /** @var array<string, true>|null targets, with which one, that any rule is about */
    private ?array $touched = null;

    public function __construct(private readonly Examination $of) {}

    /** Whether any rule at all does something that may raise an event of this kind. */
    public function isTouched(EventKind $event): bool
    {
        if ($this->touched === null) {
            $this->touched = [];
            foreach ($this->of->rules as $rule) {
                foreach (RuleEffects::of($rule) as $effect) {
                    $this->touched[$effect->target->path($effect->of)] = true;
                }
            }
        }
        foreach (self::watched($event) as $path) {
            if (isset($this->touched[$path])) {
                return true;
            }
        }

        return false;
    }

    /** Whether an effect raises an event on the task that it changes, or that it makes. */
    public static function does(RuleEffect $effect, EventKind $event): bool
    {
        if (!in_array($effect->target->path($effect->of), self::watched($event), true)) {
            return false;
        }

        return match (true) {
            $event instanceof StatusBecomes => in_array($effect->value, array_column($event->statuses, 'value'), true),
            $event instanceof StatusLeaves => !in_array($effect->value, array_column($event->statuses, 'value'), true),
            $event instanceof Dropped => $effect->value === TaskStatus::Dropped->value,
            $event instanceof TagOn => $effect->value === true && self::isOne($effect->of, $event->tags),
            $event instanceof TagOff => $effect->value === false && self::isOne($effect->of, $event->tags),
            $event instanceof FieldChanges => self::changes($effect, $event),
            default => true,
        };
    }

    /** @return list<string> paths of what has to change */
    private static function watched(EventKind $event): array
    {
        return match (true) {
            $event instanceof StatusBecomes, $event instanceof StatusLeaves, $event instanceof Dropped => [
                'task.status',
            ],
            $event instanceof TagOn, $event instanceof TagOff => ['task.tags'],
            $event instanceof HolderChanges => ['task.assignee'],
            $event instanceof ReviewerChanges => ['task.reviewer'],
            $event instanceof TaskArrives => ['task.kind'],
            $event instanceof FieldChanges => [$event->change->field->path],
            default => [],
        };
    }

    /** @param list<string> $tags */
    private static function isOne(string $tag, array $tags): bool
    {
        return in_array($tag, array_map(static fn(string $one): string => mb_strtolower(trim($one)), $tags), true);
    }

    private static function changes(RuleEffect $effect, FieldChanges $event): bool
    {
        // A task that is made has a kind from the beginning; that it arrives is what rules wait for.
        if ($effect->target === EffectTarget::NewTask) {
            return false;
        }
        if ($effect->target === EffectTarget::Tag) {
            return true;
        }
        $change = $event->change;
        $empties = $effect->value === [];

        return match ($change->how) {
            FieldChangeHow::Any => true,
            FieldChangeHow::Filled => !$empties,
            FieldChangeHow::Emptied => $empties,
            FieldChangeHow::Values => $effect->value === null ||
                $change->to === null ||
                Plain::same($effect->value, $change->to, $change->field->type),
        };
    }
}
