<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** By whom a comment or a file came. */
enum Author: string
{
    case Anyone = 'anyone';
    case Holder = 'holder';
    case Customer = 'customer';
}
