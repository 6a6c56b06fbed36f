<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** To whom what makes a task gives it, such as a duty: it is asked before any rule. */
final readonly class OwnGive
{
    /** @param string $id of what gives it, with its sort before it: "duty.reeds" */
    public function __construct(public string $id, public string $name, public Give $give) {}
}
