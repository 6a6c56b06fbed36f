<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** No task is made, since the one that the rule made before is still open. */
final readonly class TaskOpen implements Effect
{
    public function __construct(public string $title) {}

    public static function code(): string
    {
        return 'task_open';
    }

    public function on(Subject $subject): Subject
    {
        return $subject;
    }

    public function write(): array
    {
        return ['title' => $this->title];
    }
}
