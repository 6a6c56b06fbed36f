<?php

declare(strict_types=1);

use App\Duties\ComeDue;
use App\Models\Duties\DutyDate;
use App\Models\Tasks\Task;
use Tests\Support\Duties;
use Tests\Support\House;

it(
    'makes each date of a duty once, in turn, whoever looks at the clock at once and whoever is killed',
    function (): void {
        $duty = Duties::save(['comes' => ['rule' => 'FREQ=DAILY;BYDAY=MO,TU,WE,TH,FR', 'from' => '2026-03-02']]);
        // As after a standstill of eight weeks.
        $through = now()->subDays(56);
        $duty->update(['through' => $through->format('Y-m-d'), 'next_at' => $through]);
        $worker = base_path('tests/Support/fire_worker.php');
        $at = (string) (microtime(true) + 1.5);
        $workers = array_map(fn() => $this->launch($worker, $at, ComeDue::class), range(1, 3));
        $this->waitUntil(fn(): bool => DutyDate::query()->count() > 3);
        $workers[0]->stop(0, SIGKILL);
        foreach ([$workers[1], $workers[2]] as $one) {
            expect($one->wait())->toBe(0, $one->getOutput() . $one->getErrorOutput());
        }
        $last = $this->launch($worker, '0', ComeDue::class);
        expect($last->wait())->toBe(0);

        $dates = DutyDate::query()->orderBy('key')->pluck('key')->all();
        expect(count($dates))->toBeGreaterThan(35);
        expect(array_unique($dates, SORT_REGULAR))->toBe($dates);
        expect(Task::query()->where('duty_id', $duty->id)->count())->toBe(count($dates));
        $held = fn(string $slug): int => Task::query()->where('assignee_id', House::person($slug)->id)->count();
        expect(abs($held('ayumi') - $held('femi')))->toBeLessThanOrEqual(1);
        expect($held('ayumi') + $held('femi'))->toBe(count($dates));
    },
);
