<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

/** On which tasks, or cases, the button of a rule is. */
enum PressedOn: string
{
    case Open = 'open';
    case Any = 'any';

    public function includes(bool $isOpen): bool
    {
        return $this === self::Any || $isOpen;
    }
}
