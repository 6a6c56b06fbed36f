<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Absence\Cover;

/** What a deliberate "otherwise" comes to. */
final readonly class Fallback
{
    /**
     * @param string|null  $personId null: nobody
     * @param list<string> $openTo   people who may claim the task
     * @param bool         $waits    where there is neither, the task is taken from whoever has it
     */
    public function __construct(
        public ?string $personId = null,
        public array $openTo = [],
        public ?Cover $cover = null,
        public bool $waits = false,
    ) {}
}
