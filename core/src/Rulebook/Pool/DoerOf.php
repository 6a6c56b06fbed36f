<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\TaskKindReference;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\WorkOnly;

/**
 * Whoever did the task of a kind that belongs with this one: that rules made for the same task, or for this one, the
 * one that it was made for, or one that people have linked. Of several whoever did the latest.
 */
final readonly class DoerOf implements Pool, AsksWhoDid, WorkOnly
{
    public function __construct(public string $taskKind) {}

    public static function kind(): string
    {
        return 'doer_of';
    }

    public static function parameters(): array
    {
        return [Parameter::required('task_kind', new TaskKindReference())];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        foreach ($facts->kin as $one) {
            if ($one->kind === $this->taskKind && isset($roster->people[$one->byId])) {
                return [new Membership($one->byId)];
            }
        }

        return [];
    }

    public function namesOne(): bool
    {
        return true;
    }
}
