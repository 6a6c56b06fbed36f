<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Rulebook\TaskOnly;

/** A follow-up that gives a task its due date. */
interface SetsDue extends FollowUp, TaskOnly {}
