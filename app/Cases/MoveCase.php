<?php

declare(strict_types=1);

namespace App\Cases;

use App\Access\Actor;
use App\Bridge\HouseAt;
use App\Models\Cases\CustomerCase;
use App\Refusals\MoveNotAllowed;
use Carbon\CarbonImmutable;
use Closure;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Flow\CaseMoves;
use OpenBaton\Core\Flow\Moved;
use OpenBaton\Core\Flow\OpenWork;
use OpenBaton\Core\Subject\CaseSubject;

/** Moves a case on its track, closes it, or reopens it; what stands against it is said. */
final readonly class MoveCase
{
    public function __construct(private EditCase $edit) {}

    /**
     * @param string $stage   key
     * @param bool   $mayPass whoever moves it may have it pass what is missing, with a reason
     *
     * @throws MoveNotAllowed where something is missing
     */
    public function __invoke(
        CustomerCase $case,
        int $seen,
        string $stage,
        ?string $reason,
        bool $mayPass,
        Actor $by,
    ): CustomerCase {
        return $this->stand(
            $case,
            $seen,
            'moved',
            static fn(CaseMoves $moves, CaseAtHand $hand, int $now): Moved => $moves->move(
                $hand->case->stays,
                $stage,
                $hand->view($now),
                $now,
                $reason,
                $mayPass,
            ),
            $reason,
            $by,
        );
    }

    /** @throws MoveNotAllowed where needed work is open, and no reason is given by whoever may */
    public function close(
        CustomerCase $case,
        int $seen,
        string $outcome,
        OpenWork $open,
        ?string $reason,
        bool $mayPass,
        Actor $by,
    ): CustomerCase {
        return $this->stand(
            $case,
            $seen,
            'closed',
            static fn(CaseMoves $moves, CaseAtHand $hand, int $now): Moved => $moves->close(
                $hand->case->stays,
                $hand->view($now),
                $now,
                $hand->case->runs > 0,
                $reason,
                $mayPass,
            ),
            $reason,
            $by,
            $outcome,
            $open,
        );
    }

    /** @throws MoveNotAllowed where it is open */
    public function reopen(CustomerCase $case, int $seen, string $stage, ?string $reason, Actor $by): CustomerCase
    {
        return $this->stand(
            $case,
            $seen,
            'reopened',
            static fn(CaseMoves $moves, CaseAtHand $hand, int $now): Moved => $moves->reopen(
                $hand->case->stays,
                $stage,
                $now,
            ),
            $reason,
            $by,
        );
    }

    /**
     * @param Closure(CaseMoves, CaseAtHand, int): Moved $move with the instant of now
     * @param string|null   $outcome of a case that it closes
     * @param OpenWork|null $open    what becomes of its open tasks; null: they stay
     */
    private function stand(
        CustomerCase $case,
        int $seen,
        string $occasion,
        Closure $move,
        ?string $reason,
        Actor $by,
        ?string $outcome = null,
        ?OpenWork $open = null,
    ): CustomerCase {
        $change = static function (CaseAtHand $hand, HouseAt $house) use ($move, $outcome): CaseSubject {
            $moves = new CaseMoves($house->snapshot->tracks[$hand->case->trackId]);
            $moved = $move($moves, $hand, CarbonImmutable::now()->getTimestamp());

            return $moved->refusal === null
                ? $hand->case->standing($moved->stays, $outcome)
                : throw MoveNotAllowed::by($moved);
        };

        return ($this->edit)($case->id, $seen, new CaseEdit($occasion, $change, $reason, open: $open), $by);
    }
}
