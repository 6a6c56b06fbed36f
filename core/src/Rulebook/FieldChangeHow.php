<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

enum FieldChangeHow: string
{
    case Any = 'any';
    case Filled = 'filled';
    case Emptied = 'emptied';
    case Values = 'values';
}
