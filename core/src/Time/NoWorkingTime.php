<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use OpenBaton\Core\Foreseen;
use RuntimeException;

/** Working time was asked for where none comes for years. */
final class NoWorkingTime extends RuntimeException implements Foreseen {}
