<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** What an event is about. */
enum SubjectKind: string
{
    case Task = 'task';
    case Matter = 'case';
}
