<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Access\Actor;
use App\Duties\ComeDue;
use App\Duties\SaveDuty;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Tasks\CompleteTask;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\DutyFormat;
use OpenBaton\Core\Document\Node;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What Alder & Quill does again and again, and how it was done in the weeks that are lived through. */
final class DemoDuties
{
    private readonly Randomizer $random;

    public function __construct(private readonly SaveDuty $save, private readonly ComeDue $come)
    {
        // Its own, so that what else the demo does stays as it is.
        $this->random = new Randomizer(new Mt19937(2301));
    }

    /** @param int $until instant before which work comes */
    public function plan(DemoHistory $history, CarbonImmutable $begin, int $until, User $lead): void
    {
        $history->at($begin->setTime(8, 10)->getTimestamp(), fn() => $this->begin($begin, $lead));
        for ($day = $begin; $day->setTime(9, 5)->getTimestamp() < $until; $day = $day->addDay()) {
            $history->at($day->setTime(9, 5)->getTimestamp(), fn() => ($this->come)(CarbonImmutable::now()));
            if ($day->isWeekday() && $day->setTime(16, 20)->getTimestamp() < $until) {
                $history->at($day->setTime(16, 20)->getTimestamp(), $this->work(...));
            }
        }
    }

    private function begin(CarbonImmutable $from, User $lead): void
    {
        foreach ([...self::ofStock($from), ...self::ofOffice($from)] as $document) {
            ($this->save)(Node::root(['openbaton' => DutyFormat::VERSION] + $document), 0, Actor::user($lead));
        }
    }

    /** Most is done on the day after it came, by whoever has it. */
    private function work(): void
    {
        $open = Task::query()
            ->with(['assignee.user', 'kind'])
            ->open()
            ->where('source', TaskSource::Duty)
            ->where('arrived_at', '<', CarbonImmutable::now()->subHours(12))
            ->orderBy('number')
            ->get();
        foreach ($open as $task) {
            $user = $task->assignee?->user;
            if ($user !== null && $this->random->getInt(1, 5) > 1) {
                $user->setRelation('person', $task->assignee);
                app(CompleteTask::class)($task, $user, 'Done.', $task->estimate_minutes, anyway: true);
            }
        }
    }

    /** @return array<string, mixed> one of a team after the other */
    private static function inTurn(string $team, string $rotation): array
    {
        return DemoRule::give(DemoRule::team($team), [
            'kind' => 'round_robin',
            'rotation' => $rotation,
            'keep_missed' => 0,
        ]);
    }

    /** @return list<array<string, mixed>> */
    private static function ofStock(CarbonImmutable $from): array
    {
        $first = $from->format('Y-m-d');

        return [
            [
                'id' => 'reed-count',
                'name' => 'Reed count',
                'task' => [
                    'kind' => 'stock-count',
                    'title' => 'Count the reeds, ~duty.period~',
                    'estimate' => 'PT40M',
                ],
                'give' => self::inTurn('woodwind-bench', 'Reeds'),
                'comes' => ['rule' => 'FREQ=WEEKLY;INTERVAL=2;BYDAY=FR', 'from' => $first],
                'due' => '+0 days',
                'still_open' => 'wait',
            ],
            [
                'id' => 'humidity',
                'name' => 'Humidity in the piano room',
                'task' => ['kind' => 'stock-count', 'title' => 'Read the humidity, ~duty.date~', 'estimate' => 'PT15M'],
                'give' => DemoRule::give(DemoRule::team('keys-bench'), ['kind' => 'lightest_load']),
                'comes' => ['rule' => 'FREQ=WEEKLY;BYDAY=MO,TH', 'from' => $first],
                'due' => '+0 days',
                'still_open' => 'drop',
            ],
            [
                'id' => 'strings-and-oil',
                'name' => 'Strings and oil',
                'task' => [
                    'kind' => 'stock-count',
                    'title' => 'Order strings and oil, ~duty.period~',
                    'estimate' => 'PT30M',
                    'tags' => ['order'],
                ],
                'give' => self::inTurn('strings-bench', 'Strings and oil'),
                'comes' => ['rule' => 'FREQ=MONTHLY;BYMONTHDAY=15', 'from' => $first],
                'due' => '+2 working_days',
                'off_day' => 'after',
            ],
            [
                'id' => 'van-check',
                'name' => 'Van check',
                'task' => ['kind' => 'return-inspection', 'title' => 'Check the vans', 'estimate' => 'PT45M'],
                'give' => self::inTurn('field', 'Vans'),
                'comes' => ['after_last' => '+15 working_days', 'from' => $first],
                'due' => '+3 working_days',
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function ofOffice(CarbonImmutable $from): array
    {
        $first = $from->format('Y-m-d');

        return [
            [
                'id' => 'open-claims',
                'name' => 'Open claims to the insurers',
                'task' => [
                    'kind' => 'insurer-claim',
                    'title' => 'List of open claims, ~duty.period~',
                    'details' => 'All that are open at the end of the month, in one list.',
                    'estimate' => 'PT30M',
                ],
                'give' => DemoRule::give(['kind' => 'people', 'people' => ['hugo-lemaire']], ['kind' => 'same_person']),
                'comes' => ['rule' => 'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1', 'from' => $first],
                'appears' => '-2 working_days',
                'due' => '+1 working_days',
            ],
            [
                'id' => 'hire-list',
                'name' => 'Hire list for the schools',
                'task' => ['kind' => 'invoice', 'title' => 'Hire list, ~duty.period~'],
                'comes' => ['rule' => 'FREQ=WEEKLY;BYDAY=WE', 'from' => $first],
                'due' => '+1 working_days',
                'off_day' => 'none',
            ],
            [
                'id' => 'term-letters',
                'name' => 'Letters before the school year',
                'task' => [
                    'kind' => 'call-back',
                    'title' => 'Letters for the school year ~duty.period~',
                    'estimate' => 'PT2H',
                ],
                'comes' => ['rule' => 'FREQ=YEARLY;BYMONTH=8;BYMONTHDAY=20', 'from' => $first],
                'appears' => '-10 working_days',
                'due' => '+0 days',
            ],
            [
                'id' => 'window',
                'name' => 'The window',
                'task' => ['kind' => 'stock-count', 'title' => 'Dress the window', 'estimate' => 'PT1H'],
                'give' => self::inTurn('enquiries', 'The window'),
                'comes' => ['rule' => 'FREQ=MONTHLY;BYDAY=1TU', 'from' => $first],
                'due' => '+0 days',
                'pause' => [
                    'from' => $from->addWeeks(4)->format('Y-m-d'),
                    'to' => $from->addWeeks(20)->format('Y-m-d'),
                ],
            ],
        ];
    }
}
