<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** No case is opened, since the one that the rule opened before is still open. */
final readonly class CaseStillOpen implements Effect
{
    public function __construct(public string $title) {}

    public static function code(): string
    {
        return 'case_still_open';
    }

    public function on(Subject $subject): Subject
    {
        return $subject;
    }

    public function write(): array
    {
        return ['title' => $this->title];
    }
}
