<?php

declare(strict_types=1);

namespace App\Intake;

use RuntimeException;

/** An idempotency key came back with another request. */
final class KeyUsedOtherwise extends RuntimeException {}
