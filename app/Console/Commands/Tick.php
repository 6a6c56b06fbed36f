<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Alerts\WatchHouse;
use App\Approvals\KeepApprovals;
use App\Bridge\SnapshotSource;
use App\Clock\FireTimers;
use App\Clock\PublishPlanned;
use App\Clock\PutDownSchedules;
use App\Clock\RetryWhenWorthwhile;
use App\Clock\SettleAbsences;
use App\Coverage\CoverageRuns;
use App\DomainEvents\HandOut;
use App\Duties\ComeDue;
use App\Figures\WorkOutFigures;
use App\Foresight\LearnEffort;
use App\Foresight\WorkOutForesight;
use App\Map\WorkOutMap;
use App\Messages\SendMessages;
use App\Models\House\House;
use App\Models\Messages\Message;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Task;
use App\Notices\TellNews;
use App\Reminders\Remind;
use App\Reminders\TellDue;
use App\Rollouts\BeginRollouts;
use App\Runsheets\KeepRuns;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\People\Roster;

/**
 * What the clock brings about, once a minute: moments at which something changes by itself, and the recent work held
 * against the rules.
 */
final class Tick extends Command
{
    protected $signature = 'baton:tick';

    protected $description = 'Look at what the clock has brought about since the last tick';

    public function handle(
        SnapshotSource $snapshots,
        PutDownSchedules $schedules,
        FireTimers $fire,
        RetryWhenWorthwhile $retry,
        SettleAbsences $absences,
        PublishPlanned $publish,
        HandOut $handOut,
        KeepApprovals $approvals,
        KeepRuns $runs,
        TellDue $tellDue,
        Remind $remind,
        TellNews $tellNews,
        ComeDue $duties,
        BeginRollouts $rollouts,
    ): int {
        if (House::query()->doesntExist()) {
            return 0;
        }
        DB::transaction(function () use ($snapshots): void {
            $house = House::query()->lockForUpdate()->firstOrFail();
            $now = CarbonImmutable::now();
            $since = $house->ticked_at ?? $now->subMinute();
            // A clock that was set back has brought about nothing new.
            if ($now > $since && $this->somethingChanged($snapshots->current()->roster, $since, $now)) {
                ++$house->changes;
            }
            $house->ticked_at = $now->max($since);
            $house->save();
        });
        $now = CarbonImmutable::now();
        $publish($now);
        $absences($now);
        $schedules($now->getTimestamp());
        $fire($now);
        $duties($now);
        $rollouts($now);
        $retry($now->getTimestamp());
        $approvals($now);
        $runs($now);
        $handOut();
        $tellDue($now);
        $remind($now);
        $tellNews($now);
        if (WatchHouse::isDue($now)) {
            WatchHouse::dispatch();
        }
        if (LearnEffort::isDue($now)) {
            LearnEffort::dispatch();
        }
        if (WorkOutForesight::isDue($now)) {
            WorkOutForesight::dispatch();
        }
        if (WorkOutFigures::isDue($now)) {
            WorkOutFigures::dispatch();
        }
        if (WorkOutMap::isDue($now)) {
            WorkOutMap::dispatch();
        }
        // What waited for its time, for another try, or lay with a worker that is no more.
        if (Message::query()->due($now)->exists() || Message::query()->where('to_tell_rules', true)->exists()) {
            SendMessages::dispatch();
        }
        $published = RulebookVersion::query()->published()->first();
        if ($published !== null) {
            CoverageRuns::forPublished($published);
        }

        return 0;
    }

    /** Within ]since, now]. */
    private function somethingChanged(Roster $roster, CarbonImmutable $since, CarbonImmutable $now): bool
    {
        foreach ($roster->moments() as $instant) {
            if ($since->getTimestamp() < $instant && $instant <= $now->getTimestamp()) {
                return true;
            }
        }

        return Task::query()->open()->where('due_at', '>', $since)->where('due_at', '<=', $now)->exists();
    }
}
