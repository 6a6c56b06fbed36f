<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** How a case moves on its track, closes and is reopened: by hand, by a rule, by a step of a run, all alike. */
final readonly class CaseMoves
{
    public function __construct(private Track $track) {}

    /**
     * Forwards the gates are asked; whoever may pass them has it pass with a reason. Backwards wants a reason, and asks
     * nothing else.
     *
     * @param int         $at      instant
     * @param string|null $reason  null, or blank: none is given
     * @param bool        $mayPass a lead
     * @param bool        $byRule  it says by itself why it goes backwards
     */
    public function move(
        Stays $stays,
        string $to,
        CaseView $case,
        int $at,
        ?string $reason = null,
        bool $mayPass = false,
        bool $byRule = false,
    ): Moved {
        $from = $stays->current()->stage;
        $said = trim((string) $reason) !== '';
        $closed = $this->track->takes($to) ? $this->track->closed($from, $to, $case) : [];
        $why = match (true) {
            $stays->isClosed() => MoveRefusal::NotAsItIs,
            $from === $to => MoveRefusal::ThereAlready,
            !$this->track->takes($to) => MoveRefusal::NoStage,
            $closed !== [] && !$mayPass => MoveRefusal::GateClosed,
            !$said && !$byRule && ($closed !== [] || !$this->track->isForwards($from, $to)) => MoveRefusal::WantsReason,
            default => null,
        };

        return $why === null
            ? Moved::to($stays->move($to, $at, $closed, $said ? $reason : null), $closed)
            : Moved::not($stays, $why, $closed);
    }

    /**
     * Asks no gates of stages; where needed work is open or a run has not ended, it wants a reason by whoever may.
     *
     * @param bool $runsOpen runs that have not ended, but for the one whose step closes it
     */
    public function close(
        Stays $stays,
        CaseView $case,
        int $at,
        bool $runsOpen = false,
        ?string $reason = null,
        bool $mayPass = false,
    ): Moved {
        $open = $runsOpen || $case->hasOpenNeeded();
        $why = match (true) {
            $stays->isClosed() => MoveRefusal::NotAsItIs,
            $open && !$mayPass => MoveRefusal::WorkOpen,
            $open && trim((string) $reason) === '' => MoveRefusal::WantsReason,
            default => null,
        };

        return $why === null ? Moved::to($stays->close($at)) : Moved::not($stays, $why);
    }

    /** In whatever stage there is; no gate is asked. */
    public function reopen(Stays $stays, string $stage, int $at): Moved
    {
        return match (true) {
            !$stays->isClosed() => Moved::not($stays, MoveRefusal::NotAsItIs),
            !$this->track->takes($stage) => Moved::not($stays, MoveRefusal::NoStage),
            default => Moved::to($stays->reopen($stage, $at)),
        };
    }
}
