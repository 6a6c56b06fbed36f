<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Models\Access\User;
use App\Models\People\Place;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Refusals\Refused;
use App\Rollouts\MakeRollout;
use App\Rollouts\StartRollout;
use App\Tasks\CompleteTask;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Node;

/** The rollouts of Alder & Quill: one under way in a district, one that begins on Monday. */
final readonly class DemoRollouts
{
    /** How many of the tasks of the first are done. */
    private const DONE = 3;

    public function __construct(private StartRollout $start, private CompleteTask $complete) {}

    /**
     * @param CarbonImmutable $from  first day of the history
     * @param int             $until instant before which work comes
     */
    public function plan(DemoHistory $history, CarbonImmutable $from, int $until, User $lead): void
    {
        $now = CarbonImmutable::createFromTimestampUTC($until);
        $begin = $now->subDays(8)->setTime(9, 20)->max($from->setTime(9, 20));
        $history->at($begin->getTimestamp(), fn() => $this->begin('Piano census', ['Millrace'], $lead));
        $history->at(min($begin->addDays(5)->getTimestamp(), $until), $this->work(...));
        $monday = $now->addWeek()->startOfWeek();
        $history->at(
            $begin->addMinutes(10)->getTimestamp(),
            fn() => $this->begin('Autumn check', ['Islands', 'North Shore'], $lead, [
                'start' => $monday->format('Y-m-d'),
                'due' => $monday->addDays(18)->format('Y-m-d'),
                'hidden' => true,
            ]),
        );
    }

    /**
     * @param list<string>         $places
     * @param array<string, mixed> $more
     */
    private function begin(string $name, array $places, User $lead, array $more = []): void
    {
        $rollout = ($this->start)(
            Node::root(
                $more + [
                    'name' => $name,
                    'tree' => 'places',
                    'branches' => Place::query()->whereIn('name', $places)->orderBy('name')->pluck('id')->all(),
                    'levels' => [],
                    'without' => [],
                    'task_kind' => 'stock-count',
                    'title' => "{$name}, ~node.name~",
                    'details' => 'Write down make, number and pitch of every piano.',
                    'holder' => 'responsible',
                    'due' => CarbonImmutable::now()->addDays(21)->format('Y-m-d'),
                ],
            ),
            $lead,
        );
        app()->call([new MakeRollout($rollout->id), 'handle']);
    }

    /** Some are done, by whoever has them. */
    private function work(): void
    {
        $tasks = Task::query()
            ->open()
            ->where('source', TaskSource::Rollout)
            ->whereNotNull('assignee_id')
            ->with('assignee.user')
            ->orderBy('number')
            ->limit(self::DONE)
            ->get();
        foreach ($tasks as $task) {
            $user = $task->assignee?->user;
            if ($user === null) {
                continue;
            }
            try {
                ($this->complete)(
                    $task,
                    $user->setRelation('person', $task->assignee),
                    'All written down.',
                    $task->estimate_minutes,
                    anyway: true,
                );
            } catch (Refused) {
                // It waits for something.
            }
        }
    }
}
