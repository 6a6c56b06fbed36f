<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

final readonly class ChecklistPut implements Effect
{
    /** @param list<string> $items */
    public function __construct(public string $name, public array $items) {}

    public static function code(): string
    {
        return 'checklist_put';
    }

    public function on(Subject $subject): Subject
    {
        return $subject instanceof TaskSubject ? $subject->withItems($this->items) : $subject;
    }

    public function write(): array
    {
        return ['checklist' => $this->name, 'items' => count($this->items)];
    }
}
