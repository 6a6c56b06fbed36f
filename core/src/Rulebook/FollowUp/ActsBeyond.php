<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

/** A follow-up that acts on more than its task: only the decision of a rule carries it out, no sweep does. */
interface ActsBeyond extends FollowUp {}
