<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** A runsheet is started on what it is about; whether there is to be another run of it is seen when it begins. */
final readonly class RunStarted implements ReachesOutside
{
    public function __construct(public string $of, public string $runsheet, public ?string $ruleId) {}

    public static function code(): string
    {
        return 'run_started';
    }

    public function on(Subject $subject): Subject
    {
        return $subject;
    }

    public function write(): array
    {
        return ['runsheet' => $this->runsheet];
    }
}
