<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access\User;
use App\Models\Approvals\Approval;

/** Who reminds of an approval and takes it back: whoever asked for it, and whoever may change what it is about. */
final class ApprovalPolicy
{
    /** @param bool|null $edits whether they may change what it is about, where that is known */
    public function change(User $user, Approval $approval, ?bool $edits = null): bool
    {
        return $user->leads() ||
            $approval->asked_by === $user->id ||
            ($edits ?? $user->can('edit', $approval->task ?? $approval->case));
    }
}
