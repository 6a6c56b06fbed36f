<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** A part of a rule that fills no other seat than the holder's. */
interface HolderOnly {}
