<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

/** What of a task an effect is about. */
enum EffectTarget: string
{
    case Status = 'status';
    case Priority = 'priority';
    case Due = 'due';
    case Tag = 'tag';
    case Field = 'field';
    case Holder = 'holder';
    case Reviewer = 'reviewer';
    case NewTask = 'new_task';

    /** Whether there is one value of it, so that who sets it anew undoes what was set. */
    public function holdsOne(): bool
    {
        return $this !== self::NewTask;
    }

    /** The field in which criteria and events see it. */
    public function path(string $of): string
    {
        return match ($this) {
            self::Status => 'task.status',
            self::Priority => 'task.priority',
            self::Due => 'task.due',
            self::Tag => 'task.tags',
            self::Field => $of,
            self::Holder => 'task.assignee',
            self::Reviewer => 'task.reviewer',
            self::NewTask => 'task.kind',
        };
    }
}
