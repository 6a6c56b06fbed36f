<?php

declare(strict_types=1);

namespace App\Cases;

use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/** What a case that somebody opens may name. */
final class WhatCaseNames
{
    /**
     * The task that it is opened from is theirs to change, and the case above it theirs to see.
     *
     * @throws DocumentError
     */
    public static function check(Node $document, User $user): void
    {
        $task = $document->has('task') ? Task::query()->find($document->get('task')->text()) : null;
        if ($task !== null && !$user->can('edit', $task)) {
            throw $document->get('task')->fail('There is no such task that you may change.');
        }
        $above = $document->has('above') ? CustomerCase::query()->find($document->get('above')->text()) : null;
        if ($above !== null && !$user->can('view', $above)) {
            throw $document->get('above')->fail('There is no open case of this id.');
        }
    }
}
