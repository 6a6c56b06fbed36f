<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** A part that rules about the house itself may have as well. */
interface HouseToo extends Part {}
