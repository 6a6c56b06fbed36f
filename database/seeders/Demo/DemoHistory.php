<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Bridge\SnapshotSource;
use App\Clock\FireTimers;
use App\Clock\SettleAbsences;
use App\Intake\TakeInTask;
use App\Models\Access\User;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Tasks\ClaimTask;
use App\Tasks\HandOnTask;
use App\Tasks\WaitTask;
use Carbon\CarbonImmutable;
use Closure;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingTime;
use Random\Randomizer;
use SplPriorityQueue;

/**
 * Lives through weeks of work: requests come in, the house's own actions route
 * them, people start and complete them in the hours they work. Nothing is
 * written that the application would not have written itself.
 */
final class DemoHistory
{
    private const CALENDAR_DAY = 86400;

    private const TICK = 6 * 3600;

    /** Kinds that are done as soon as somebody gets to them; the others wait for parts and answers. */
    private const SHORT = ['call-back', 'quote', 'fitting', 'invoice'];

    /** @var SplPriorityQueue<array{int, int}, Closure(): mixed> */
    private SplPriorityQueue $agenda;

    /** Kinds of which most are checked by somebody else before they are done. */
    private const CHECKED = ['bench-repair', 'rush-repair', 'rework'];

    private readonly DemoWork $work;

    private int $order = 0;

    private int $tickedAt = 0;

    /** @var array<string, int> instant from which a person is free, by id */
    private array $free = [];

    /** @var array<string, true> slugs of people who do nothing any more */
    private array $resting = [];

    /** @var array<array-key, Person> by id */
    private array $people;

    /** @var array<array-key, User> by id of the person */
    private array $users;

    public function __construct(
        private readonly Randomizer $random,
        private readonly TakeInTask $takeIn,
        private readonly SnapshotSource $snapshots,
        private readonly User $lead,
    ) {
        $this->agenda = new SplPriorityQueue();
        $this->work = new DemoWork($random);
        $this->people = Person::query()->with('user')->get()->keyBy('id')->all();
        $this->users = array_filter(
            array_map(
                static fn(Person $person): ?User => $person->user?->setRelation('person', $person),
                $this->people,
            ),
        );
    }

    /** @param Closure(): mixed $happens */
    public function at(int $instant, Closure $happens): void
    {
        // The queue gives the highest first: the earliest, and of those the one put in first.
        $this->agenda->insert($happens, [-$instant, -++$this->order]);
    }

    /** Lets everything happen that was put down for before $until, in order, and leaves the rest undone. */
    public function runUntil(int $until): void
    {
        $this->agenda->setExtractFlags(SplPriorityQueue::EXTR_BOTH);
        while (!$this->agenda->isEmpty()) {
            /** @var array{data: Closure(): mixed, priority: array{int, int}} $next */
            $next = $this->agenda->extract();
            $instant = -$next['priority'][0];
            if ($instant >= $until) {
                break;
            }
            $this->tick($instant);
            DemoClock::at($instant);
            $next['data']();
        }
        $this->tick($until);
        DemoClock::letGo();
    }

    /** The clock is looked at every few hours, as it would have been by the minute. */
    private function tick(int $until): void
    {
        $this->tickedAt = $this->tickedAt === 0 ? $until : $this->tickedAt;
        for (; $this->tickedAt + self::TICK <= $until; $this->tickedAt += self::TICK) {
            DemoClock::at($this->tickedAt + self::TICK);
            House::query()->update(['ticked_at' => CarbonImmutable::now()]);
            app(SettleAbsences::class)(CarbonImmutable::now());
            app(FireTimers::class)(CarbonImmutable::now());
        }
    }

    public function arrive(DemoRequest $request): void
    {
        $task = $this->leave($request);
        $now = CarbonImmutable::now()->getTimestamp();
        if ($task->assignee_id !== null) {
            $this->plan($task->id, $task->assignee_id, $request, $now);
        } elseif ($task->claimants()->exists()) {
            $this->at($now + $this->random->getInt(20, 400) * 60, fn() => $this->claim($task->id, $request));
        } else {
            $this->at($now + $this->random->getInt(5, 60) * 60, fn() => $this->placeByHand($task->id, $request));
        }
    }

    /** Comes in, and nobody does anything about it before the demo begins. */
    public function leave(DemoRequest $request): Task
    {
        return Task::query()->findOrFail(
            ($this->takeIn)($request->document(), $request->source, $this->lead)->task->id,
        );
    }

    /** From now on they do nothing before the demo begins. */
    public function rest(string ...$slugs): void
    {
        $this->resting += array_fill_keys($slugs, true);
    }

    private function claim(string $taskId, DemoRequest $request): void
    {
        $task = Task::query()->with('claimants')->findOrFail($taskId);
        $now = CarbonImmutable::now()->getTimestamp();
        $snapshot = $this->snapshots->current();
        $there = $task->claimants
            ->filter(static fn(Person $person): bool => $snapshot->roster->isOn($person->slug, $now))
            ->values();
        $person = $there->get($this->random->getInt(0, max(0, $there->count() - 1)));
        if ($person === null) {
            $this->at($now + 5400, fn() => $this->claim($taskId, $request));

            return;
        }
        if (!$task->status->isOpen() || $task->assignee_id !== null) {
            return;
        }
        app(ClaimTask::class)($task, $person, $this->users[$person->id]);
        $this->plan($taskId, $person->id, $request, $now);
    }

    /** The lead finds a place for what no rule could place. */
    private function placeByHand(string $taskId, DemoRequest $request): void
    {
        $task = Task::query()->findOrFail($taskId);
        if ($task->assignee_id !== null || !$task->status->isOpen()) {
            return;
        }
        $tobias = Person::query()->where('slug', 'tobias-lindqvist')->firstOrFail();
        app(HandOnTask::class)->__invoke(
            $task,
            $tobias,
            'Nobody on the bench could take it; Tobias decides who makes room.',
            $this->lead,
        );
        $this->plan($taskId, $tobias->id, $request, CarbonImmutable::now()->getTimestamp());
    }

    /** A hire waits until its end. */
    public function hire(DemoRequest $request): void
    {
        $task = Task::query()->findOrFail(
            ($this->takeIn)($request->document(), $request->source, $this->lead)->task->id,
        );
        app(WaitTask::class)->__invoke(
            $task,
            'The end of the hire',
            null,
            $this->users[(string) $task->assignee_id] ?? $this->lead,
        );
    }

    /** @return User|null null: they do nothing any more */
    public function userOf(?string $personId): ?User
    {
        $slug = $this->people[(string) $personId]->slug ?? '';

        return isset($this->resting[$slug]) ? null : $this->users[(string) $personId] ?? null;
    }

    private function plan(string $taskId, string $personId, DemoRequest $request, int $now): void
    {
        $snapshot = $this->snapshots->current();
        $minutes = $request->estimateMinutes ?? ($snapshot->kindNamed($request->kind)->usualMinutes ?? 0);
        $spent = max(5, (int) round(($minutes * $this->random->getInt(65, 140)) / 100));
        $time = new WorkingTime($snapshot->roster->presenceOf($this->people[$personId]->slug));
        // Days until somebody gets to it: parts to come, customers to answer, other things to do.
        $days = in_array($request->kind, self::SHORT, true) ? 6 : 34;
        $wait = (int) round(
            ((((self::CALENDAR_DAY * $this->random->getInt(0, 1000)) / 1000) * $this->random->getInt(0, 1000)) / 1000) *
                $days,
        );
        try {
            $free = max($now, $this->free[$personId] ?? 0);
            $end = $time->add(max($free, $now + $wait), $spent);
            // Some are begun as soon as there is time and wait half done.
            $start = $time->add($free + (int) ((($end - $free) * $this->random->getInt(20, 90)) / 100), 1);
        } catch (NoWorkingTime) {
            return;
        }
        // While one waits, others are done: only the time spent keeps a person from the next.
        $this->free[$personId] = $time->add($free, $spent);
        $this->work->plan(
            $this,
            $taskId,
            $personId,
            $start,
            $end,
            $spent,
            in_array($request->kind, self::CHECKED, true),
        );
    }
}
