<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Bridge\CaseSubjects;
use App\Explain\GateWords;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Flow\NeededTask;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Subject\CaseSubject;

/** A case with all that the gates of its track look at, and what they wait for, in words. */
final readonly class CaseGates
{
    private function __construct(
        private CustomerCase $case,
        public Track $track,
        public CaseSubject $subject,
        public CaseAtHand $hand,
        public GateWords $words,
    ) {}

    /** @param CustomerCase $case with the relations of CaseSubjects */
    public static function of(CustomerCase $case, CaseSubjects $subjects, Viewer $viewer): self
    {
        $house = $viewer->snapshot();
        $needed = $case->tasks()->open()->where('needed', true)->orderBy('id')->get();
        $subject = $subjects->of($case, $viewer->house());
        $tasks = $needed->map(
            static fn(Task $one): NeededTask => new NeededTask(
                $one->id,
                (string) $one->case_stage,
                $one->status,
                $house->personSlugs[(string) $one->assignee_id] ?? null,
            ),
        );
        $titles = $needed->map(static fn(Task $one): string => $one->title)->all();

        return new self(
            $case,
            $house->tracks[$house->trackSlugs[$case->track_id]],
            $subject,
            new CaseAtHand(
                $subject,
                new CaseInView($case->id, array_values($tasks->all()), $house),
                $viewer->house()->router()->facts,
            ),
            new GateWords($viewer->words(), array_combine($needed->modelKeys(), $titles)),
        );
    }

    /** @return list<string>|null what is missing before the next stage; null: there is none */
    public function beforeNext(): ?array
    {
        $next = $this->track->after($this->case->stage);

        return $next === null
            ? null
            : array_column(
                $this->words->lines(
                    $this->track->closed(
                        $this->case->stage,
                        $next->key,
                        $this->hand->view(CarbonImmutable::now()->getTimestamp()),
                    ),
                ),
                'what',
            );
    }
}
