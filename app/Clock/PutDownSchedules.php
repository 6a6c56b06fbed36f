<?php

declare(strict_types=1);

namespace App\Clock;

use App\Bridge\HouseState;
use App\Bridge\Routers;
use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskSubjects;
use App\Bridge\TimerBook;
use App\Database\Stamp;
use App\Models\ScheduleMark;
use App\Models\Task;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Timer\RuleTimer;

/** Puts down, for every moment of a schedule that has come, the open tasks that it acts on: those that meet the criteria of its rule. */
final readonly class PutDownSchedules
{
    private const PIECE = 500;

    public function __construct(private SnapshotSource $snapshots, private Routers $routers, private TaskSubjects $subjects) {}

    /** @param int $now instant */
    public function __invoke(int $now): void
    {
        $state = HouseState::read();
        $house = $this->snapshots->at($state);
        $timers = $this->routers->timers($state, $house);
        foreach ($timers->all as $timer) {
            for ($at = $timers->next($timer, $this->through($timer)); $at !== null && $at <= $now; $at = $timers->next($timer, $at)) {
                $this->putDown($timer, $at, $state, $house);
            }
        }
    }

    /** Until when its moments have been put down. */
    private function through(RuleTimer $timer): int
    {
        return ScheduleMark::query()->find($timer->id)?->through->getTimestamp() ?? $timer->since - 1;
    }

    /** All of a moment, or nothing: the mark moves on with it. */
    private function putDown(RuleTimer $timer, int $at, HouseState $state, Snapshot $house): void
    {
        $router = $this->routers->at($state, $house);
        $timers = $this->routers->timers($state, $house);
        DB::transaction(function () use ($timer, $timers, $at, $state, $house, $router): void {
            Task::query()->with(TaskSubjects::RELATIONS)->open()->where('arrived_at', '<', Stamp::of($at))->chunkById(self::PIECE, function (Collection $tasks) use ($timer, $timers, $at, $state, $house, $router): void {
                $due = [];
                foreach ($tasks as $task) {
                    $subject = $this->subjects->of($task, $house, $state);
                    $one = $timers->onSchedule($timer, $subject, $at);
                    if ($one !== null && self::meets($timer, $router, (new ChangeFacts($house->roster, $router->rulebook->lookups))->of($subject, $subject, $at))) {
                        $due[] = $one;
                    }
                }
                TimerBook::insert($due);
            });
            ScheduleMark::query()->updateOrCreate(['timer' => $timer->id], ['through' => Stamp::of($at)]);
        }, attempts: 3);
    }

    private static function meets(RuleTimer $timer, Router $router, Facts $facts): bool
    {
        foreach ($router->rulebook->rulebook->rules as $position => $rule) {
            if ($rule->id === $timer->ruleId) {
                return $router->rulebook->criteria($position)->holds($facts);
            }
        }

        return false;
    }
}
