<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** A part that rules about customers alone may have. */
interface CustomerOnly extends Part {}
