<?php

declare(strict_types=1);

use App\Models\Rules\RotationAct;
use App\Models\Rules\RotationSeat;
use App\Models\Rules\RotationTurn;
use App\Models\Rules\RulebookVersion;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Models\Sweeps\SweptState;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Sweeps\CarryOutSweep;
use App\Sweeps\LookAtSweep;
use App\Sweeps\UndoSweep;
use Tests\Support\House;

it('sweeps each task once and takes it back once, however many workers there are and one is killed', function (): void {
    foreach (range(1, 60) as $number) {
        House::arrive(title: "Horn {$number}");
    }
    RotationTurn::query()->delete();
    RotationSeat::query()->delete();
    $tobias = House::person('tobias');
    Task::query()->update(['assignee_id' => $tobias->id]);
    $lead = House::user('hanneke');
    $run = SweepRun::query()->create([
        'name' => 'Rule round',
        'rule_id' => 'round',
        'rulebook_version_id' => RulebookVersion::query()->published()->sole()->id,
        'user_id' => $lead->id,
        'chosen' => ['filter' => []],
        'state' => SweepState::Looking,
        'begun_at' => now(),
    ]);
    LookAtSweep::dispatch($run->id);
    $work = function (object $job, SweepState $until) use ($run): void {
        foreach (range(1, 4) as $_) {
            dispatch(clone $job)->onConnection('database');
        }
        $killed = $this->launch('artisan', 'queue:work', 'database', '--max-jobs=1', '--sleep=0');
        usleep(mt_rand(250_000, 600_000));
        $killed->stop(0, SIGKILL);
        $workers = array_map(
            fn() => $this->launch('artisan', 'queue:work', 'database', '--stop-when-empty', '--sleep=0'),
            range(1, 3),
        );
        foreach ($workers as $worker) {
            expect($worker->wait())->toBe(0, $worker->getOutput() . $worker->getErrorOutput());
        }
        expect($run->refresh()->state)->toBe($until);
    };

    $run->refresh()->update(['state' => SweepState::Carrying, 'carried_at' => now()]);
    $work(new CarryOutSweep($run->id), SweepState::Done);
    expect($run->tasks()->where('state', SweptState::Carried)->count())->toBe(60);
    expect(TaskChange::query()->where('occasion', 'applied')->count())->toBe(60);
    expect(TaskChange::query()->where('occasion', 'applied')->distinct()->count('task_id'))->toBe(60);
    expect(RotationTurn::query()->where('kind', RotationAct::Taken)->count())->toBe(60);
    foreach (['ayumi', 'femi', 'callum'] as $slug) {
        expect(Task::query()->where('assignee_id', House::person($slug)->id)->count())->toBe(20);
    }

    $run->update(['state' => SweepState::Undoing]);
    $work(new UndoSweep($run->id, $lead->id), SweepState::Undone);
    expect($run->tasks()->where('state', SweptState::Undone)->count())->toBe(60);
    expect(TaskChange::query()->where('occasion', 'sweep_undone')->count())->toBe(60);
    expect(RotationTurn::query()->where('kind', RotationAct::PutBack)->count())->toBe(60);
    expect(Task::query()->where('assignee_id', $tobias->id)->count())->toBe(60);
    expect(RotationSeat::query()->distinct()->count('pass'))->toBe(1);
});
