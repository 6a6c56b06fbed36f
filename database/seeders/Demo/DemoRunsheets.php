<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Access\Actor;
use App\Intake\TakeInTask;
use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Runsheets\BeginRun;
use App\Runsheets\GoOn;
use App\Runsheets\SaveRunsheet;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\Node;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How the runsheets of Alder & Quill ran in the weeks that are lived through. */
final class DemoRunsheets
{
    /** What comes to be repaired, or back. */
    private const WHAT = [
        'Sousaphone, crushed bell',
        'Bass clarinet, bent keys',
        'Double bass, open seam',
        'Baritone horn, stuck valves',
        'Cello, broken neck',
        'Bassoon, worn pads',
    ];

    private readonly Randomizer $random;
    private int $started = 0;

    public function __construct(
        private readonly SaveRunsheet $save,
        private readonly BeginRun $begin,
        private readonly GoOn $goOn,
        private readonly TakeInTask $takeIn,
        private readonly DemoRunWork $work,
    ) {
        // Its own, so that what else the demo does stays as it is.
        $this->random = new Randomizer(new Mt19937(2302));
    }

    /** @param int $until instant before which work comes */
    public function plan(DemoHistory $history, CarbonImmutable $begin, int $until, User $lead): void
    {
        $history->at($begin->setTime(8, 20)->getTimestamp(), fn() => $this->publish($lead));
        for ($day = $begin; $day->setTime(10, 50)->getTimestamp() < $until; $day = $day->addDay()) {
            if (in_array($day->dayOfWeekIso, [1, 3, 4], true)) {
                $history->at($day->setTime(10, 50)->getTimestamp(), fn() => $this->start($lead));
            }
            if ($day->isWeekday() && $day->setTime(16, 40)->getTimestamp() < $until) {
                $history->at($day->setTime(16, 40)->getTimestamp(), fn() => ($this->work)($lead));
            }
        }
    }

    private function publish(User $lead): void
    {
        $by = Actor::user($lead);
        foreach (DemoSheets::all() as $document) {
            $sheet = $this->save->draft(Node::root($document), $by, 0);
            $this->save->publish($sheet, $sheet->revision, $by);
        }
    }

    private function start(User $lead): void
    {
        $number = $this->started++;
        [$slug, $of] = match ($number % 6) {
            1, 4 => ['return', $this->task('return-inspection', $number)],
            2 => ['new-hire', $this->hire()],
            5 => $number % 12 === 5
                ? ['newcomer-on-the-bench', null]
                : ['large-repair', $this->task('bench-repair', $number)],
            default => ['large-repair', $this->task('bench-repair', $number)],
        };
        if ($of === null && $slug === 'new-hire') {
            return;
        }
        $sheet = Runsheet::query()->where('slug', $slug)->sole();
        $run = DB::transaction(fn(): Run => $this->begin->byHand($sheet, $of, Actor::user($lead)));
        ($this->goOn)($run->id);
    }

    private function task(string $kind, int $number): Task
    {
        $title = self::WHAT[$number % count(self::WHAT)];
        $customers = Customer::query()->orderBy('slug')->limit(40)->pluck('slug')->all();

        return $this->takeIn
            ->__invoke(
                Node::root([
                    'title' => $kind === 'bench-repair' ? $title : "Back from hire: {$title}",
                    'kind' => $kind,
                    'customer' => $customers[$this->random->getInt(0, count($customers) - 1)],
                    'tags' => $number % 4 === 0 ? ['insured'] : [],
                ]),
                TaskSource::ByHand,
                User::query()->where('email', 'oona@alderquill.example')->sole(),
            )
            ->task->refresh();
    }

    private function hire(): ?CustomerCase
    {
        return CustomerCase::query()
            ->open()
            ->where('runs', 0)
            ->whereHas('track', static fn(Builder $track): Builder => $track->where('slug', 'hire'))
            ->orderBy('number')
            ->first();
    }
}
