<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

enum RunActKind
{
    /** The step opens: its work is made. */
    case Open;
    /** The step is not for anybody any more: its open work is withdrawn. */
    case Withdraw;
}
