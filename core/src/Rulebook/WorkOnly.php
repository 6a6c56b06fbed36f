<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** A part that rules about tasks and cases may have, and no others. */
interface WorkOnly extends Part {}
