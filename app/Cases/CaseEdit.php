<?php

declare(strict_types=1);

namespace App\Cases;

use App\Bridge\HouseAt;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\HandoffCause;
use Closure;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Flow\OpenWork;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Happened;

/** A change of one case, and what is put down about it. */
final readonly class CaseEdit
{
    /**
     * @param string                                      $occasion what is done, such as "moved"
     * @param Closure(CaseAtHand, HouseAt): CaseSubject   $change
     * @param string|null                                 $reason   that was given
     * @param list<Happened>                              $happened what happens besides what is changed
     * @param Closure(CustomerCase): void|null            $besides  what is written besides, in the same transaction
     * @param OpenWork|null                               $open     what becomes of its open tasks; null: they stay
     */
    public function __construct(
        public string $occasion,
        public Closure $change,
        public ?string $reason = null,
        public HandoffCause $handoff = HandoffCause::HandOn,
        public array $happened = [],
        public ?Closure $besides = null,
        public ?OpenWork $open = null,
    ) {}
}
