<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

/** An effect on what is no task: whoever records decisions has a recorder for each. */
interface ReachesOutside extends Effect {}
