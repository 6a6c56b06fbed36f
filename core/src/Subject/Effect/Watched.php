<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

final readonly class Watched implements Effect
{
    /** @param list<string> $people */
    public function __construct(public array $people) {}

    public static function code(): string
    {
        return 'watched';
    }

    public function on(Subject $subject): Subject
    {
        return $subject->watchedBy($this->people);
    }

    public function write(): array
    {
        return ['people' => $this->people];
    }
}
