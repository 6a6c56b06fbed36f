<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** What somebody who is asked answers. */
enum Vote: string
{
    case Yes = 'yes';
    case No = 'no';
}
