<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Explain\GateWords;
use App\Http\Viewer;
use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Time\WorkingTime;

/** The stages of a track as a case has gone through them: how long, and what is missing to get there. */
final readonly class StageLines
{
    public function __construct(private Viewer $viewer, private GateWords $gates) {}

    /**
     * @param CustomerCase $case with its stays
     *
     * @return list<array<string, mixed>> in the order of the track; retired ones only where it has stood there
     */
    public function of(CustomerCase $case, Track $track, CaseAtHand $hand): array
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $time = new WorkingTime($this->viewer->snapshot()->roster->house);
        $minutes = $entered = [];
        foreach ($case->stays as $stay) {
            $entered[$stay->stage] = $stay->entered_at->getTimestamp();
            $minutes[$stay->stage] = ($minutes[$stay->stage] ?? 0) + self::stood($stay, $time, $now);
        }
        $view = $hand->view($now);
        $lines = [];
        foreach ($track->stages as $stage) {
            if ($stage->retired && !isset($entered[$stage->key])) {
                continue;
            }
            $lines[] = [
                'key' => $stage->key,
                'name' => $stage->name,
                'minutes' => $minutes[$stage->key] ?? null,
                'target' => $stage->target,
                'state' => self::state($case, $track, $stage),
                'forwards' => $track->isForwards($case->stage, $stage->key),
                'missing' => $case->isOpen()
                    ? MissingLine::all(
                        $this->gates->lines($track->closed($case->stage, $stage->key, $view)),
                        $this->viewer,
                    )
                    : [],
            ];
        }

        return $lines;
    }

    private static function stood(CaseStay $stay, WorkingTime $time, int $now): int
    {
        return $stay->minutes ?? $time->minutesBetween($stay->entered_at->getTimestamp(), $now);
    }

    private static function state(CustomerCase $case, Track $track, Stage $stage): string
    {
        return match (true) {
            $stage->retired => 'retired',
            $case->stage === $stage->key => $case->isOpen() ? 'here' : 'ended',
            $track->isForwards($stage->key, $case->stage) => 'passed',
            default => 'ahead',
        };
    }
}
