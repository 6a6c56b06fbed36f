<?php

declare(strict_types=1);

namespace App\People;

use App\Access\Actor;
use App\Bridge\SnapshotSource;
use App\Cases\ChangeCase;
use App\Customers\SaveCustomer;
use App\House\ChangeHouse;
use App\Models\Absences\Absence;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\People\Team;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use App\Tasks\RetryUnplaced;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\CustomerFields;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Closes down somebody who leaves: nothing comes to them any more, somebody
 * else takes their places, and each task goes to whom it was said, or to whom
 * the rules give it. Each step is done whole; done again, the rest is done.
 */
final readonly class CloseDown
{
    public function __construct(
        private SavePerson $save,
        private EditTask $edit,
        private SaveCustomer $customers,
        private SnapshotSource $snapshots,
        private ChangeCase $cases,
    ) {}

    /**
     * @param string                       $lastDay   YYYY-MM-DD, not to come
     * @param Person|null                  $successor takes their places and customers; null: nobody does
     * @param array<array-key, string|null> $tasks who gets a task, by its id; null, and what is not listed: the rules
     *     are asked
     *
     * @return int how many tasks have gone to others
     */
    public function __invoke(Person $person, string $lastDay, ?Person $successor, array $tasks, Actor $by): int
    {
        $this->leave($person, $lastDay, $by);
        $this->succeed($person, $successor, $by);
        foreach (Customer::query()->where('owner_id', $person->id)->get() as $customer) {
            ($this->customers)($customer, Node::root(['set' => [CustomerFields::OWNER => $successor?->slug]]), $by);
        }
        $this->handCases($person, $successor, $by);
        $count = $this->handOn($person, $tasks, $by);
        RetryUnplaced::dispatch();

        return $count;
    }

    private function leave(Person $person, string $lastDay, Actor $by): void
    {
        $known = PersonTerms::of($person->load(['skills', 'place', 'user']), $this->snapshots->current()->roster);
        $this->save->all(
            [
                $person->slug => new PersonTerms(
                    ['active' => false, 'until' => $lastDay] +
                        array_diff_key($known->document, [
                            'active' => true,
                            'until' => true,
                            'intake_paused_until' => true,
                        ]),
                    [],
                ),
            ],
            $by,
        );
        // Programs that asked in their name ask no more.
        $person->user?->tokens()->delete();
    }

    private function succeed(Person $person, ?Person $successor, Actor $by): void
    {
        ChangeHouse::run('person_left', "closed down {$person->name}", $by, static function () use (
            $person,
            $successor,
        ): Person {
            Team::query()
                ->where('lead_id', $person->id)
                ->update(['lead_id' => $successor?->id]);
            Place::query()
                ->where('responsible_id', $person->id)
                ->update(['responsible_id' => $successor?->id]);
            Place::query()
                ->where('deputy_id', $person->id)
                ->update(['deputy_id' => $successor?->id]);
            $today = CarbonImmutable::now();
            foreach (
                Absence::query()
                    ->whereHas('substitutes', static fn(Builder $stands): Builder => $stands->whereKey($person->id))
                    ->where(
                        static fn(Builder $left): Builder => $left
                            ->where('last_day', '>=', $today->format('Y-m-d'))
                            ->orWhere('to', '>', $today),
                    )
                    ->get()
                as $absence
            ) {
                $absence->substitutes()->detach($person->id);
            }
            Absence::query()
                ->where('person_id', $person->id)
                ->whereIn('status', [AbsenceStatus::Asked, AbsenceStatus::Approved])
                ->where(
                    static fn(Builder $ahead): Builder => $ahead
                        ->where('first_day', '>', $today->format('Y-m-d'))
                        ->orWhere('from', '>', $today),
                )
                ->update(['status' => AbsenceStatus::Cancelled]);

            return $person;
        });
    }

    private function handCases(Person $person, ?Person $successor, Actor $by): void
    {
        foreach (CustomerCase::query()->open()->where('owner_id', $person->id)->get() as $case) {
            $this->cases->give($case, null, $successor?->slug, "{$person->name} has left", HandoffCause::HandOn, $by);
        }
    }

    /** @param array<array-key, string|null> $tasks */
    private function handOn(Person $person, array $tasks, Actor $by): int
    {
        $open = Task::query()->open()->with('holdsWith')->concerning($person->id)->get();
        foreach ($open as $task) {
            $to = $tasks[$task->id] ?? null;
            $seats = array_filter(
                SeatName::OF_TASK,
                static fn(SeatName $seat): bool => $seat === SeatName::Reviewer
                    ? $task->reviewer_id === $person->id
                    : $task->isHeldBy($person),
            );
            ($this->edit)(
                $task->id,
                null,
                new Edit(
                    'left',
                    static function (TaskSubject $subject) use ($seats, $to, $person): TaskSubject {
                        foreach ($seats as $seat) {
                            $holds = $seat === SeatName::Holder;
                            $subject = match (true) {
                                // Who did what is in review stays known.
                                $holds && $subject->status === TaskStatus::InReview && $to === null => $subject,
                                $holds && $subject->sharing !== null => $subject->passedBy($person->slug, $to),
                                default => $subject->seated($seat, $to, null),
                            };
                        }

                        return $subject;
                    },
                    reason: "{$person->name} has left",
                    handoff: HandoffCause::HandOn,
                ),
                $by,
            );
        }

        return $open->count();
    }
}
