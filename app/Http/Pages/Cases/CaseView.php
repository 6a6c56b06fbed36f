<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Bridge\CaseSubjects;
use App\Bridge\DecisionReader;
use App\Explain\GateWords;
use App\Explain\ReasonTrail;
use App\Fields\Choices;
use App\Http\Pages\Approvals\ApprovalLines;
use App\Http\Pages\Guides\TaskGuides;
use App\Http\Pages\Messages\MessageView;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Runsheets\RunLine;
use App\Http\Pages\Runsheets\RunsheetChoices;
use App\Http\Pages\Tasks\TaskFiles;
use App\Http\Pages\Tasks\TaskHistory;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\People\Person;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Tasks\TasksInSight;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Subject\CaseSubject;

/** A case: where it is on its track, what it waits for, its tasks, what is known of it. Its type is CaseView.ts. */
final readonly class CaseView
{
    /** Tasks that are shown; of those that are done, the latest. */
    private const TASKS = 200;

    public function __construct(
        private Viewer $viewer,
        private ApprovalLines $approvals,
        private CaseSubjects $subjects,
        private TasksInSight $sight,
        private TaskHistory $history,
        private DecisionReader $decisions,
        private TaskGuides $guides,
        private MessageView $messages,
    ) {}

    /** @return array<string, mixed> */
    public function props(CustomerCase $case): array
    {
        $case->load([...CaseSubjects::RELATIONS, 'owner', 'stays', 'above', 'below.owner', 'below.customer']);
        $house = $this->viewer->snapshot();
        $gates = CaseGates::of($case, $this->subjects, $this->viewer);
        $track = $gates->track;

        return [
            'case' => $this->facts($case, $track),
            'stages' => (new StageLines($this->viewer, $gates->words))->of($case, $track, $gates->hand),
            'refused' => $this->refused($gates->subject, $track, $gates->words),
            'tasks' => $this->tasks($case, $track),
            'below' => array_values(
                $case->below->map(static fn(CustomerCase $one): array => CaseLine::of($one, $house, []))->all(),
            ),
            'fields' => $this->fields($gates->subject),
            'guides' => $case->isOpen() ? $this->guides->named($track->stage($case->stage)?->guide) : [],
            'files' => TaskFiles::page($case),
            'messages' => $this->messages->of($case),
            'writing' => MessageView::ways($this->viewer->user()->can('edit', $case)),
            'approvals' => $this->approvals->ofCase($case),
            'runs' => RunLine::ofSubject($case, $this->viewer),
            'sheets' => RunsheetChoices::of($case, $this->viewer),
            'history' => $this->history->page($case),
            'people' => Choices::people($house->roster),
            'outcomes' => Choices::of($track->outcomes),
        ];
    }

    /** @return array<string, mixed> the reason trail of a decision */
    public function trail(Decision $decision): array
    {
        return (new ReasonTrail($this->viewer->words()))->of($this->decisions->document($decision));
    }

    /** @return array<string, mixed> */
    private function facts(CustomerCase $case, Track $track): array
    {
        $user = $this->viewer->user();
        $person = $this->viewer->person();
        $may = static fn(string $ability): bool => $user->can($ability, $case);

        return CaseLine::of($case, $this->viewer->snapshot(), []) + [
            'revision' => $case->revision,
            'trackSlug' => $track->id,
            'stageKey' => $case->stage,
            'customerSlug' => $case->customer?->slug,
            'above' =>
                $case->above === null || !$user->can('view', $case->above)
                    ? null
                    : [
                        'id' => $case->above->id,
                        'number' => (int) $case->above->number,
                        'title' => $case->above->title,
                    ],
            'claimants' => array_values($case->claimants->map(PersonRef::of(...))->all()),
            'watches' => $person !== null && $case->watchers->contains('id', $person->id),
            'watchers' => array_values($case->watchers->map(static fn(Person $one): string => $one->name)->all()),
            'may' => [
                'edit' => $may('edit'),
                'move' => $may('move'),
                'give' => $may('give'),
                'claim' => $may('claim'),
                'pass' => $user->can('pass', CustomerCase::class),
                'watch' => $person !== null,
            ],
        ];
    }

    /** @return array<string, mixed>|null what a rule would have had happen, and what was missing */
    private function refused(CaseSubject $subject, Track $track, GateWords $gates): ?array
    {
        return $subject->refused === null
            ? null
            : [
                'to' => $subject->refused->to === null ? null : $track->stageName($subject->refused->to),
                'why' => $this->viewer->words()->words->say("refused.move.{$subject->refused->why->value}"),
                'missing' => MissingLine::all($gates->lines($subject->refused->missing), $this->viewer),
            ];
    }

    /**
     * @return list<array{stage: string, tasks: list<array<string, mixed>>}> by the stage in which they were made, but
     *     for those of whoever is asked to approve
     */
    private function tasks(CustomerCase $case, Track $track): array
    {
        $rows = $this->sight
            ->of($this->viewer->user(), Task::query()->where('case_id', $case->id)->whereNull('approval_id'))
            ->with(['kind', 'customer', 'assignee'])
            ->orderByRaw('completed_at IS NOT NULL')
            ->orderByDesc('arrived_at')
            ->limit(self::TASKS)
            ->get();
        $tasks = [];
        foreach ($rows as $row) {
            $tasks[(string) $row->case_stage][] = self::task($row);
        }
        $groups = [];
        // Stages that the track does not know any more come last.
        foreach ([...array_column($track->stages, 'key'), ...array_keys($tasks)] as $key) {
            if (isset($tasks[$key])) {
                $groups[] = ['stage' => $track->stageName((string) $key) ?? (string) $key, 'tasks' => $tasks[$key]];
                unset($tasks[$key]);
            }
        }

        return $groups;
    }

    /** @return array<string, mixed> */
    private static function task(Task $task): array
    {
        return TaskLine::of($task) + ['needed' => $task->needed, 'holder' => PersonRef::orNull($task->assignee)];
    }

    /** @return list<array<string, mixed>> entries of the fields of the house, each with its value, also in words */
    private function fields(CaseSubject $case): array
    {
        $house = $this->viewer->snapshot();
        $fields = array_filter(
            $house->catalogue->fields,
            static fn(Field $field): bool => Assignment::isSettableOfCase($field->path) &&
                (!$field->retired || isset($case->fields[$field->path])),
        );

        return array_map(function (array $entry) use ($case, $fields): array {
            $value = $case->fields[$entry['path']] ?? null;
            $written = $value === null ? null : ValueCodec::write($value, $fields[$entry['path']]->type);

            return $entry + [
                'value' => $written,
                'said' => $written === null ? null : $this->viewer->words()->value($entry['path'], $written),
            ];
        }, Choices::entries($fields));
    }
}
