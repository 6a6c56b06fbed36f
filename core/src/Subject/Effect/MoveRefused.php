<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Document\GateFormat;
use OpenBaton\Core\Flow\ClosedGate;
use OpenBaton\Core\Flow\MoveRefusal;
use OpenBaton\Core\Flow\RefusedMove;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Subject;

/** The case was to be moved, or closed, and could not. */
final readonly class MoveRefused implements Effect
{
    /**
     * @param string|null      $to      key of the stage; null: it was to be closed
     * @param list<ClosedGate> $missing
     */
    public function __construct(
        public string $caseId,
        private string $trackId,
        private ?string $to,
        private MoveRefusal $why,
        private array $missing = [],
    ) {}

    public static function code(): string
    {
        return 'move_refused';
    }

    public function on(Subject $subject): Subject
    {
        return $subject instanceof CaseSubject && $subject->id === $this->caseId
            ? $subject->with(['refused' => new RefusedMove($this->to, $this->why, $this->missing)])
            : $subject;
    }

    public function write(): array
    {
        return [
            'to' => $this->to === null ? null : CaseFields::ofTrack($this->trackId, $this->to),
            'why' => $this->why->value,
            'missing' => GateFormat::writeClosed($this->missing),
        ];
    }
}
