<?php

declare(strict_types=1);

namespace App\Bridge;

use App\DomainEvents\WorkCovered;
use App\Models\Tasks\HandoffCause;
use OpenBaton\Core\Subject\Cause;

/** What is recorded of the cause that began a chain. */
final readonly class Occasion
{
    /** Of what a reviewer does: whoever has it then is told. */
    public const SENT_BACK = 'sent_back';

    /**
     * @param int          $at      instant
     * @param string       $name    what was done, such as "started"
     * @param string|null  $userId  null: nobody who is signed in
     * @param string|null  $system  by what means, where it is nobody's doing
     * @param string|null  $reason  that was given
     * @param HandoffCause $handoff of a holder that the cause itself has changed
     * @param string|null  $forId   of the person in whose place the user acts
     * @param bool         $quiet   it is one of many: nobody is told whom they look after now
     * @param WorkCovered|null $move that it is, where somebody goes or returns
     */
    public function __construct(
        public int $at,
        public Cause $cause,
        public string $name,
        public ?string $userId = null,
        public ?string $system = null,
        public ?string $reason = null,
        public HandoffCause $handoff = HandoffCause::HandOn,
        public ?string $forId = null,
        public ?WorkCovered $move = null,
        public bool $quiet = false,
    ) {}
}
