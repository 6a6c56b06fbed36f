<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Flow\CaseMoves;
use OpenBaton\Core\Flow\OpenWork;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\OptionReference;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\WorkOnly;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\Effect\CaseClosed;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\MoveRefused;

/** Closes the case, or that of the task; where needed work is open it does not. */
final readonly class CloseCase implements ActsBeyond, ActsOnCase, WorkOnly, StepAct
{
    /**
     * @param string   $outcome as the field of the outcome has it
     * @param OpenWork $open    what becomes of tasks that are open still
     */
    public function __construct(public string $outcome, public OpenWork $open = OpenWork::Drop) {}

    public static function kind(): string
    {
        return 'close_case';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('outcome', new OptionReference(CaseFields::OUTCOME)),
            Parameter::optional('open', new Choice(OpenWork::class), OpenWork::Drop),
        ];
    }

    public function actsOnCase(): bool
    {
        return true;
    }

    public function effect(Situation $situation): ?Effect
    {
        $case = $situation->case?->case;
        $track = $case === null ? null : $situation->taskCatalogue->tracks[$case->trackId] ?? null;
        $outcome = $case === null ? null : CaseFields::keyOf($case->trackId, $this->outcome);
        if ($case === null || $track === null || $outcome === null || !$case->isOpen()) {
            return null;
        }
        $at = $situation->change->at;
        $closed = (new CaseMoves($track))->close(
            $case->stays,
            $situation->case->view($at),
            $at,
            $case->runs > $situation->ownRuns(),
        );

        return $closed->refusal === null
            ? new CaseClosed($case->id, $case->trackId, $outcome, $closed->stays, $this->open)
            : new MoveRefused($case->id, $case->trackId, null, $closed->refusal);
    }
}
