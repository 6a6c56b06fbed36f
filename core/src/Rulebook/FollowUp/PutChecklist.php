<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Parameter\ChecklistReference;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\Effect\ChecklistPut;
use OpenBaton\Core\Subject\Effect\Effect;

/** Puts the items of a checklist on. */
final readonly class PutChecklist implements TaskOnly, FollowUp
{
    public function __construct(public string $checklist) {}

    public static function kind(): string
    {
        return 'checklist';
    }

    public static function parameters(): array
    {
        return [Parameter::required('checklist', new ChecklistReference())];
    }

    public function effect(Situation $situation): ?Effect
    {
        $checklist = $situation->taskCatalogue->checklists[$this->checklist] ?? null;

        return $checklist === null ? null : new ChecklistPut($checklist->name, $checklist->items);
    }
}
