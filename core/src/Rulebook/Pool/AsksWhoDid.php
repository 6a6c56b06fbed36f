<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

/** A pool that goes by who did the tasks that belong with one (Facts::$kin). */
interface AsksWhoDid {}
