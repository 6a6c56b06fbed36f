<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/** The case that a new task is to belong to: who makes it puts tasks into it otherwise, too. */
final class CaseOfNewTask
{
    /** @throws DocumentError where they may not */
    public static function check(Node $document, User $user): void
    {
        $case = $document->has('case')
            ? CustomerCase::query()
                ->open()
                ->find($document->get('case')->text())
            : null;
        if ($case !== null && !$user->can('edit', $case)) {
            throw $document->get('case')->fail('There is no open case of this id that you may change.');
        }
    }
}
