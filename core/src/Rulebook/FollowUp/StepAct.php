<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

/** A follow-up that a step of a runsheet may carry out by itself. */
interface StepAct extends FollowUp {}
