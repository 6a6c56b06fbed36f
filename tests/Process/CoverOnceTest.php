<?php

declare(strict_types=1);

use App\Models\Absences\TaskCover;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Database\Factories\Absences\AbsenceFactory;
use OpenBaton\Core\Absence\HeldPolicy;
use Tests\Support\House;

/** @return list<int> how often each task went from hand to hand for a cause, each number once */
function times(HandoffCause $cause): array
{
    return array_values(
        array_unique(
            array_map(
                intval(...),
                Handoff::query()
                    ->where('cause', $cause)
                    ->selectRaw('COUNT(*) AS times')
                    ->groupBy('task_id')
                    ->pluck('times')
                    ->all(),
            ),
        ),
    );
}

it('lets an absence begin and end once, however many clocks tick at a time and are killed', function (): void {
    for ($count = 0; $count < 30; ++$count) {
        House::arrive();
    }
    Task::query()->update(['assignee_id' => House::person('callum')->id]);
    $absence = AbsenceFactory::new()
        ->of('callum')
        // hours of work are among them on any day
        ->during(CarbonImmutable::now()->subMinute(), CarbonImmutable::now()->addDays(5))
        ->create(['held' => HeldPolicy::All]);
    $absence->syncSubstitutes([House::person('femi')->id]);
    HouseRow::query()->increment('roster_revision');
    $ticks = function (): void {
        $killed = $this->launch('artisan', 'baton:tick');
        usleep(mt_rand(300_000, 900_000));
        // It may have done all that there is to do by then.
        $killed->stop(0, SIGKILL);
        $clocks = array_map(fn() => $this->launch('artisan', 'baton:tick'), range(1, 4));
        foreach ($clocks as $clock) {
            expect($clock->wait())->toBe(0, $clock->getOutput() . $clock->getErrorOutput());
        }
    };
    $ticks();
    expect(times(HandoffCause::Cover))->toBe([1]);
    expect(Handoff::query()->where('cause', HandoffCause::Cover)->count())->toBe(30);
    expect(TaskCover::query()->count())->toBe(30);
    expect(Notice::query()->where('kind', '<>', NoticeKind::Routed)->count())->toBe(60);
    $absence->refresh()->update(['to' => CarbonImmutable::now()->subSecond()]);
    HouseRow::query()->increment('roster_revision');
    $ticks();
    $ticks();
    expect(times(HandoffCause::HandBack))->toBe([1]);
    expect(Handoff::query()->where('cause', HandoffCause::HandBack)->count())->toBe(30);
    expect(times(HandoffCause::Cover))->toBe([1]);
    expect(TaskCover::query()->count())->toBe(0);
    expect(Task::query()->where('assignee_id', House::person('callum')->id)->count())->toBe(30);
    expect(Notice::query()->where('kind', '<>', NoticeKind::Routed)->count())->toBe(120);
});
