<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** A part that rules about tasks alone may have. */
interface TaskOnly extends Part {}
