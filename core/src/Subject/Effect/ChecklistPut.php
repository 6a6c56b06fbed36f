<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

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
        return $subject->withItems($this->items);
    }

    public function write(): array
    {
        return ['checklist' => $this->name, 'items' => count($this->items)];
    }
}
