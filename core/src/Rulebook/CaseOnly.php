<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** A part that rules about cases alone may have. */
interface CaseOnly extends Part {}
