<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** That somebody else has a task. */
final readonly class Move
{
    /** @param int $group moves of one group are taken or left together */
    public function __construct(
        public string $taskId,
        public string $fromId,
        public string $toId,
        public int $group = 1,
    ) {}
}
