<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Starting a task, or taking it up again. */
final class WorkRequest extends TaskRequest {}
