<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Flow\CaseMoves;
use OpenBaton\Core\Parameter\OptionReference;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\WorkOnly;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\MoveRefused;
use OpenBaton\Core\Subject\Effect\StageMoved;

/** Moves the case, or that of the task, to a stage; where a gate is closed it does not, and says what is missing. */
final readonly class MoveStage implements ActsBeyond, ActsOnCase, WorkOnly, StepAct
{
    /** @param string $stage as the field of the stage has it */
    public function __construct(public string $stage) {}

    public static function kind(): string
    {
        return 'move_stage';
    }

    public static function parameters(): array
    {
        return [Parameter::required('stage', new OptionReference(CaseFields::STAGE))];
    }

    public function actsOnCase(): bool
    {
        return true;
    }

    public function effect(Situation $situation): ?Effect
    {
        $case = $situation->case?->case;
        $track = $case === null ? null : $situation->taskCatalogue->tracks[$case->trackId] ?? null;
        $to = $case === null ? null : CaseFields::keyOf($case->trackId, $this->stage);
        // There is nothing to do for what is on another track, is closed, or stands there already.
        if ($case === null || $track === null || $to === null || !$case->isOpen() || $case->stage() === $to) {
            return null;
        }
        $at = $situation->change->at;
        $moved = (new CaseMoves($track))->move($case->stays, $to, $situation->case->view($at), $at, byRule: true);

        return $moved->refusal === null
            ? new StageMoved($case->id, $case->trackId, $case->stage(), $to, $moved->stays)
            : new MoveRefused($case->id, $case->trackId, $to, $moved->refusal, $moved->missing);
    }
}
