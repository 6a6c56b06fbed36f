<?php

declare(strict_types=1);

namespace App\Approvals;

use App\Bridge\ApprovalRows;
use App\Bridge\ChangeRunner;
use App\Bridge\HouseAt;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Database\Id;
use App\DomainEvents\About;
use App\DomainEvents\ApprovalOver;
use App\DomainEvents\EventLog;
use App\Models\Approvals\Approval as Row;
use App\Models\Cases\CustomerCase;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\ApprovalGoesOn;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\ApprovalTask;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\Subject;

/**
 * Carries an approval on, within the transaction that changes it: whoever is asked now gets a task, what is not asked
 * for any more is taken back, and once it is settled rules and people hear what it came to. All of it is one chain.
 */
final readonly class CarryOn
{
    public function __construct(private TaskSubjects $tasks, private ChangeRunner $runner) {}

    public function __invoke(
        LockedHouse $locked,
        Row $row,
        ApprovalSubject $of,
        Approval $after,
        Occasion $occasion,
    ): void {
        $wasOpen = $row->outcome === null;
        $goesOn = new ApprovalGoesOn($row->name, $after, $wasOpen);
        $row->fill(ApprovalRows::columns($after))->save();
        $changes = $rows = $asked = [];
        foreach ($row->tasks()->with(TaskSubjects::RELATIONS)->open()->orderBy('id')->lockForUpdate()->get() as $task) {
            $place = (int) $task->approval_place;
            $asked[] = $place;
            $before = $this->tasks->of($task, $locked->house);
            $changed = $goesOn->task($before, $place);
            if (!$changed->equals($before)) {
                $rows[$task->id] = $task;
                $task->outcome_note = $after->places[$place]->reason ?? $task->outcome_note;
                $changes[] = self::change($locked->house, $occasion, $before, $changed);
            }
        }
        foreach ($goesOn->anew($asked) as $place) {
            $arrival = $this->asks($locked->house, $row, $of->subject, $after, $place, $occasion);
            $rows[$arrival->after->id] = new Task([
                'id' => $arrival->after->id,
                'source' => TaskSource::Rule,
                'arrived_at' => CarbonImmutable::createFromTimestampUTC($occasion->at),
                'revision' => 1,
                'facts' => [],
                'approval_id' => $row->id,
                'approval_place' => $place,
            ]);
            $changes[] = $arrival;
        }
        $changes = [...self::ofSubject($locked->house, $of->subject, $goesOn, $occasion), ...$changes];
        $rows[$of->row->id] = $of->row;
        $this->runner->run($locked, $occasion, $changes, $rows);
        if ($wasOpen && $after->outcome !== null && $after->outcome !== ApprovalOutcome::Withdrawn) {
            self::tell($row, $of, $after->outcome, $occasion);
        }
    }

    private function asks(
        HouseAt $house,
        Row $row,
        Subject $of,
        Approval $approval,
        int $place,
        Occasion $occasion,
    ): ChangeSet {
        $task = ApprovalTask::of(
            $of,
            $of->carried($house->snapshot->roster->house->zone()),
            $row->name,
            $row->details,
            $approval->places[$place],
            $approval,
            $occasion->at,
            $house->snapshot->kindNamed(ApprovalTask::KIND)->usualMinutes ?? 0,
            $row->rule,
        );

        return self::change($house, $occasion, null, $task->with(['id' => Id::next()]));
    }

    /** @return list<ChangeSet> of what is to be approved */
    private static function ofSubject(HouseAt $house, Subject $of, ApprovalGoesOn $goesOn, Occasion $occasion): array
    {
        $watched = $goesOn->watched($of);
        $happened = $goesOn->happened($of);

        return $happened === [] && $watched->equals($of)
            ? []
            : [self::change($house, $occasion, $of, $watched, ...$happened)];
    }

    private static function change(
        HouseAt $house,
        Occasion $occasion,
        ?Subject $before,
        Subject $after,
        Happened ...$happened,
    ): ChangeSet {
        return new ChangeSet(
            "approval-{$after->id}-{$occasion->at}",
            $occasion->at,
            $before,
            $after,
            $house->router()->facts->of($before, $after, $occasion->at),
            $occasion->cause,
            array_values($happened),
            placed: $before === null,
        );
    }

    /** Whoever asked hears of it, or whoever has what a rule asked about; where nobody could answer, the leads, too. */
    private static function tell(Row $row, ApprovalSubject $of, ApprovalOutcome $outcome, Occasion $occasion): void
    {
        $row->loadMissing('asker.person');
        $people =
            $row->asked_by === null
                ? [$of->row instanceof CustomerCase ? $of->row->owner_id : $of->row->assignee_id]
                : [$row->asker?->person?->id];
        if ($outcome === ApprovalOutcome::Nobody || $outcome === ApprovalOutcome::NoAnswer) {
            $people = [...$people, ...Person::leads()->map(static fn(Person $one): string => $one->id)->all()];
        }
        $events = new EventLog($occasion->at);
        $events->add(
            About::subject($of->subject),
            $occasion->userId,
            new ApprovalOver($row->name, $outcome, array_values(array_unique(array_filter($people, is_string(...))))),
        );
        $events->save();
    }
}
