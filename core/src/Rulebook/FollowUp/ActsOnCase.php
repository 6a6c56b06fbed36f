<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

/** A follow-up that may change the case that its subject is, or belongs to. */
interface ActsOnCase
{
    public function actsOnCase(): bool;
}
