<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** The due date follows another date from now on, until a person sets it by hand. */
final readonly class DueFollowing implements Effect
{
    /** @param int|null $dueAt instant at which that puts it now; null: the field is empty */
    public function __construct(public Follow $follow, public ?int $dueAt) {}

    public static function code(): string
    {
        return 'due_follows';
    }

    public function on(Subject $subject): Subject
    {
        return $subject instanceof TaskSubject ? $subject->dueAt($this->dueAt, $this->follow) : $subject;
    }

    public function write(): array
    {
        return [
            'field' => $this->follow->path,
            'offset' => $this->follow->offset->format(),
            'due' => Instant::orNull($this->dueAt),
        ];
    }
}
