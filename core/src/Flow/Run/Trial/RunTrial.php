<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Trial;

use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunAdvance;
use OpenBaton\Core\Flow\Run\RunEngine;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\RunRefused;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Flow\Run\Step\ActStep;
use OpenBaton\Core\Flow\Run\Step\RunsheetStep;
use OpenBaton\Core\Flow\Run\StepEnd;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingTime;

/** A run that makes nothing, gone through by what somebody says to happen, with a clock of its own. */
final class RunTrial
{
    private readonly RunEngine $engine;

    private Run $run;

    private function __construct(private readonly Runsheet $sheet, private RunMoment $moment)
    {
        $this->engine = new RunEngine($sheet);
        $this->run = new Run($moment->at);
        $this->take($this->engine->begin($moment));
    }

    /**
     * @param list<TrialDeed> $deeds in their order; one that does not fit how far the run is makes no difference, as
     *                               the runsheet may have been changed since
     *
     * @return array{Run, RunMoment} how far it is, and when
     */
    public static function through(Runsheet $sheet, RunMoment $begin, array $deeds): array
    {
        $trial = new self($sheet, $begin);
        foreach ($deeds as $deed) {
            $trial->do($deed);
        }

        return [$trial->run, $trial->moment];
    }

    private function do(TrialDeed $deed): void
    {
        if ($deed->kind === TrialDeedKind::Later) {
            $this->wait($deed->minutes);

            return;
        }
        try {
            $this->take($this->advance($deed->kind, $deed->step, $this->run->of($deed->step)->round));
        } catch (RunRefused) {
            // It is over, or the step is in another state by now.
        }
    }

    /** @throws RunRefused */
    private function advance(TrialDeedKind $kind, string $key, int $round): RunAdvance
    {
        $end = fn(StepEnd $end): RunAdvance => $this->engine->end($this->run, $key, $round, $end, $this->moment);
        $answer = fn(ApprovalOutcome $answer): RunAdvance => $this->engine->answer(
            $this->run,
            $key,
            $round,
            $answer,
            $this->moment,
        );

        return match ($kind) {
            TrialDeedKind::Done => $end(StepEnd::Done),
            TrialDeedKind::Dropped => $end(StepEnd::Dropped),
            TrialDeedKind::Yes => $answer(ApprovalOutcome::Yes),
            TrialDeedKind::No => $answer(ApprovalOutcome::No),
            TrialDeedKind::NoAnswer => $answer(ApprovalOutcome::NoAnswer),
            TrialDeedKind::Again => $this->engine->again($this->run, $key, $this->moment),
            TrialDeedKind::Without => $this->engine->without($this->run, $key, $this->moment),
            TrialDeedKind::Back => $this->engine->back($this->run, $key, $this->moment),
            TrialDeedKind::Later => $this->engine->look($this->run, $this->moment),
        };
    }

    /** Waits that end on the way end when they do, so that what comes after them is reached then. */
    private function wait(int $minutes): void
    {
        $until = $this->after($minutes);
        for ($wakes = 0; $wakes < Runsheet::MOST_BLOCKS; ++$wakes) {
            $at = $this->run->wakesAt();
            if ($at === null || $at > $until) {
                break;
            }
            $this->lookAt(max($at, $this->moment->at));
        }
        $this->lookAt($until);
    }

    private function lookAt(int $instant): void
    {
        $this->moment = $this->moment->at($instant);
        $this->take($this->engine->look($this->run, $this->moment));
    }

    private function after(int $minutes): int
    {
        try {
            return (new WorkingTime($this->moment->house))->add($this->moment->at, $minutes);
        } catch (NoWorkingTime) {
            return $this->moment->at + $minutes * 60;
        }
    }

    /** What is done at once by itself is done; a runsheet that nobody waits for, too. */
    private function take(RunAdvance $advance): void
    {
        $this->run = $advance->run;
        foreach ($this->sheet->steps() as $key => $step) {
            $state = $this->run->of($key);
            if ($state->state === StepState::Open && self::isAtOnce($step)) {
                $this->take($this->engine->end($this->run, $key, $state->round, StepEnd::Done, $this->moment));
            }
        }
    }

    private static function isAtOnce(Step $step): bool
    {
        return $step->does instanceof ActStep || ($step->does instanceof RunsheetStep && !$step->does->hold);
    }
}
