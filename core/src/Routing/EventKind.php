<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

enum EventKind: string
{
    case TaskArrives = 'task_arrives';
}
