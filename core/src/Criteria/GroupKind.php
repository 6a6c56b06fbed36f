<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

enum GroupKind: string
{
    case All = 'all';
    case Any = 'any';
    case None = 'none';
}
