<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\ChangeRunner;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Database\Id;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;

/** The case that opens with a task that arrives, before the task is routed: rules see whose it is. */
final readonly class CaseOfArrival
{
    public function __construct(private ChangeRunner $runner) {}

    /** @return string|null its id; null: the track has been taken out of use, and the task comes alone */
    public function open(ReadyToRoute $ready, LockedHouse $locked): ?string
    {
        $track = $locked->house->snapshot->tracks[$ready->arrival->track ?? ''] ?? null;
        if ($track === null) {
            return null;
        }
        $at = $ready->arrival->at;
        $case = CaseSubject::openedFor($ready->subject, $track, $ready->task->title, $at)->with([
            'id' => Id::next(),
            'creatorId' => $ready->arrival->byPerson,
        ]);
        $this->runner->run(
            $locked,
            new Occasion($at, Cause::Intake, 'case_asked_for', $ready->arrival->byUserId),
            [
                new ChangeSet(
                    "opened-{$case->id}",
                    $at,
                    null,
                    $case,
                    $locked->house->router()->facts->of(null, $case, $at),
                ),
            ],
            [],
        );

        return $case->id;
    }
}
