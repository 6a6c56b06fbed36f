<?php

declare(strict_types=1);

use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\TaskChange;
use Carbon\CarbonImmutable;
use Tests\Support\Cases;
use Tests\Support\House;

/** Each move is one stay, one revision and one entry of the history; stays follow one another without a gap. */
function movesOfCase(CustomerCase $case): int
{
    $stays = CaseStay::query()->where('case_id', $case->id)->orderBy('id')->get();
    $moves = $stays->count() - 1;
    foreach ($stays as $place => $stay) {
        $next = $stays[$place + 1] ?? null;
        expect($stay->left_at?->getTimestamp())->toBe($next?->entered_at->getTimestamp());
        expect($stay->stage)->toBe($place % 2 === 0 ? 'enquiry' : 'fitting');
    }
    expect([
        $case->refresh()->revision,
        $case->stage,
        TaskChange::query()->where('case_id', $case->id)->where('occasion', 'moved')->count(),
    ])->toBe([$moves + 1, $stays->last()?->stage, $moves]);

    return $moves;
}

it('moves a case once, whoever of two is first, and tells the other', function (): void {
    House::user('ayumi');
    $case = Cases::open(['owner' => 'ayumi']);
    $workers = array_map(
        fn(string $who): mixed => $this->launch(base_path('tests/Support/case_worker.php'), $case->id, $who, '60'),
        ['hanneke', 'ayumi'],
    );
    $moved = 0;
    foreach ($workers as $worker) {
        $worker->wait();
        expect($worker->getErrorOutput())->toBe('');
        [$did, $late] = array_map(intval(...), explode(' ', $worker->getOutput()));
        expect($did + $late)->toBe(60);
        $moved += $did;
    }
    expect(movesOfCase($case))->toBe($moved);
});

it('leaves no move half done where whoever moves is killed', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    for ($round = 1; $round <= 4; ++$round) {
        $before = movesOfCase($case);
        $worker = $this->launch(base_path('tests/Support/case_worker.php'), $case->id, 'hanneke', '100000');
        $this->waitUntil(fn(): bool => $case->refresh()->revision > $before + 3);
        usleep($round * 1700);
        $worker->signal(SIGKILL);
        $worker->wait();
        // The server notices that the connection is gone and takes back what was not committed.
        usleep(100_000);
        expect(movesOfCase($case))->toBeGreaterThan($before + 2);
    }
});

it('moves a case once where a rule and a person do so at the same instant', function (): void {
    Cases::track();
    House::publish([
        'id' => 'waited',
        'name' => 'After an hour it goes on',
        'when' => [['kind' => 'date_reached', 'field' => 'case.stage_since', 'offset' => '+1 hours', 'of' => 'case']],
        'if' => ['field' => 'case.stage', 'op' => 'is', 'value' => 'hire.enquiry'],
        'then' => [['kind' => 'move_stage', 'stage' => 'hire.fitting']],
    ]);
    for ($round = 1; $round <= 5; ++$round) {
        $case = Cases::open(['owner' => 'ayumi']);
        // It has stood for an hour when both look.
        $at = time() + 2;
        $since = CarbonImmutable::createFromTimestampUTC($at - 3600);
        $case->update(['opened_at' => $since, 'stage_since' => $since, 'next_moment_at' => $since->addHour()]);
        $case->stays()->update(['entered_at' => $since]);
        $both = (string) ($at + 0.2 + $round / 100);
        $workers = [
            $this->launch(base_path('tests/Support/fire_worker.php'), $both),
            $this->launch(base_path('tests/Support/case_worker.php'), $case->id, 'hanneke', '1', $both),
        ];
        $said = [];
        foreach ($workers as $worker) {
            $worker->wait();
            expect($worker->getErrorOutput())->toBe('');
            $said[] = $worker->getOutput();
        }
        // The rule, and the person is told; or the person, and the clock finds nothing left to do.
        expect($said)->toBeIn([['1', '0 1'], ['0', '1 0']]);
        expect([$case->refresh()->stage, $case->revision, $case->stays()->pluck('stage')->all()])->toBe([
            'fitting',
            2,
            ['enquiry', 'fitting'],
        ]);
    }
});
