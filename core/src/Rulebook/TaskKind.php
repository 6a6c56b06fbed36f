<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** A kind of task, with what tasks of it begin with. */
final readonly class TaskKind
{
    /**
     * @param int                                               $usualMinutes effort
     * @param array<string, string|int|float|bool|list<string>> $defaults     values of fields by path
     * @param bool                                              $needed       for the stage of its case
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $usualMinutes,
        public array $defaults = [],
        public bool $needed = false,
    ) {}
}
