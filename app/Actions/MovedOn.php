<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;

/** What was asked for does not fit any more: somebody else has changed it in the meantime. The message is for whoever asked. */
abstract class MovedOn extends RuntimeException {}
