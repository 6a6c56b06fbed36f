<?php

declare(strict_types=1);

namespace App\Messages;

/** Codes of what kept a message from being sent, where it is not what a channel has said. */
final class Problem
{
    /** Nothing is known of how to reach them by that channel. */
    public const NO_ADDRESS = 'no_address';
}
