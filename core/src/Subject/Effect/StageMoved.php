<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Flow\Stays;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** The case is in another stage. */
final readonly class StageMoved implements Effect
{
    /**
     * @param string $from key of the stage, as is $to
     * @param Stays  $stays of the case after it
     */
    public function __construct(
        public string $caseId,
        private string $trackId,
        private string $from,
        private string $to,
        private Stays $stays,
    ) {}

    public static function code(): string
    {
        return 'stage_moved';
    }

    public function on(Subject $subject): Subject
    {
        return match (true) {
            $subject instanceof CaseSubject && $subject->id === $this->caseId => $subject->standing($this->stays),
            $subject instanceof TaskSubject && $subject->caseId === $this->caseId => $subject->withField(
                CaseFields::STAGE,
                CaseFields::ofTrack($this->trackId, $this->to),
            ),
            default => $subject,
        };
    }

    public function write(): array
    {
        return [
            'from' => CaseFields::ofTrack($this->trackId, $this->from),
            'to' => CaseFields::ofTrack($this->trackId, $this->to),
        ];
    }
}
