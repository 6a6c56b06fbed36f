<?php

declare(strict_types=1);

use App\Models\Runsheets\Run;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;
use App\Tasks\DropTask;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Runsheets;

beforeEach(function (): void {
    // A Monday.
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

/** @return array<string, mixed> props of a page */
function runProps(string $url): array
{
    app()->forgetScopedInstances();

    return test()->get($url)->assertOk()->viewData('page')['props'];
}

it('takes a runsheet in as a draft, publishes it, and gives it out again', function (): void {
    $this->postJson('/runsheets', Runsheets::largeRepair())->assertCreated();
    $sheet = runProps('/runsheets')['runsheets'][0];
    expect([$sheet['name'], $sheet['hasDraft'], $sheet['published'], $sheet['about']])->toBe([
        'Large repair',
        true,
        null,
        'task',
    ]);
    expect(array_column($sheet['lines'], 'depth', 'key'))->toBe([
        'all' => 0,
        'before' => 1,
        'diagnosis' => 2,
        'approval' => 2,
        'insurer' => 2,
        'bench' => 1,
        'check' => 1,
    ]);
    expect($sheet['lines'][3]['does'])->toContain('Hanneke de Wit');
    app()->forgetScopedInstances();
    $this->postJson('/runsheets/large-repair/publish', ['revision' => $sheet['revision'] + 1])->assertStatus(409);
    $this->postJson('/runsheets/large-repair/publish', ['revision' => $sheet['revision']])->assertOk();
    $document = $this->get('/runsheets/large-repair/export')->assertOk()->json();
    expect($document['does']['one_after_another'][0]['side_by_side'][1]['does']['back_to'])->toBe('diagnosis');
});

it('throws a draft away, and with it a runsheet that was never published', function (): void {
    $this->postJson('/runsheets', Runsheets::largeRepair())->assertCreated();
    $this->postJson('/runsheets/large-repair/discard', ['revision' => 1])->assertOk();
    expect(Runsheet::query()->count())->toBe(0);
});

it('says what is wrong with a document, and keeps nothing of it', function (): void {
    $document = Runsheets::largeRepair();
    $document['does']['one_after_another'][1]['does']['task_kind'] = 'nothing';
    $this->postJson('/runsheets', $document)
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/does/one_after_another/1/does/task_kind');
    expect(Runsheet::query()->count())->toBe(0);
});

it('starts a runsheet on a task, and shows where it is, why, and for whom it waits', function (): void {
    Runsheets::publish(Runsheets::largeRepair());
    $task = House::arrive(title: 'Tuba');
    expect(runProps("/tasks/{$task->id}")['task']['sheets'])->toBe([
        ['value' => 'large-repair', 'label' => 'Large repair'],
    ]);
    $started = $this->postJson("/tasks/{$task->id}/runs", ['runsheet' => 'large-repair'])->assertCreated();
    $this->postJson("/tasks/{$task->id}/runs", ['runsheet' => 'large-repair'])
        ->assertOk()
        ->assertJson(['id' => $started->json('id')]);
    $line = runProps("/tasks/{$task->id}")['task']['runs'][0];
    expect([$line['name'], $line['state'], array_column($line['waits'], 'name')])->toBe([
        'Large repair',
        'running',
        ['Diagnosis', 'Estimate'],
    ]);
    expect($line['waits'][0]['who'])->toBe([['slug' => 'femi', 'name' => 'Femi Adeyinka']]);

    $page = runProps("/runs/{$started->json('id')}");
    $lines = array_column($page['lines'], null, 'key');
    expect([$lines['insurer']['state'], $lines['insurer']['why']])->toBe(['skipped', 'condition']);
    expect([$lines['bench']['state'], $lines['bench']['expected'] !== null])->toBe(['not_reached', true]);
    expect($page['run']['endsAt'])->not->toBeNull();
    expect(runProps('/runs')['runs'])->toHaveCount(1);

    $made = Task::query()->where('title', 'Diagnosis: Tuba')->sole();
    expect(runProps("/tasks/{$made->id}")['task']['step'])->toBe([
        'name' => 'Diagnosis',
        'runsheet' => 'Large repair',
        'run' => $started->json('id'),
    ]);
});

it('opens a step again that has stopped, goes on without it, and back', function (): void {
    $sheet = Runsheets::publish(Runsheets::document([Runsheets::task('first'), Runsheets::task('second')]));
    $run = Runsheets::start($sheet, House::arrive());
    $drop = static function () use ($run): void {
        app(DropTask::class)(Runsheets::taskOf($run, 'first'), 'Not needed.', House::user('hanneke'));
        Runsheets::handOut();
    };
    $deed = function (string $deed, ?string $step = null, array $more = []) use ($run) {
        app()->forgetScopedInstances();

        return $this->postJson(
            "/runs/{$run->id}/deed",
            ['revision' => $run->refresh()->revision, 'deed' => $deed, 'step' => $step] + $more,
        );
    };
    $drop();
    expect(runProps("/runs/{$run->id}")['lines'][1]['can'])->toBe(['again', 'without']);
    $deed('back', 'first')->assertStatus(409);
    $deed('again', 'first')->assertOk();
    expect(Runsheets::steps($run))->toBe('first open#2');
    $drop();
    $deed('without', 'first')->assertOk();
    expect(Runsheets::steps($run))->toBe('first dropped#2, second open');
    $deed('back', 'first')->assertOk();
    expect(Runsheets::steps($run))->toBe('first open#3');
    expect(Runsheets::taskOf($run, 'first')->status)->toBe(TaskStatus::New);
    $this->postJson("/runs/{$run->id}/deed", ['revision' => 1, 'deed' => 'cancel'])->assertStatus(409);
    $deed('cancel', null, ['keep' => true])->assertOk();
    expect($run->refresh()->state)->toBe(RunState::Cancelled);
    expect(Runsheets::taskOf($run, 'first')->status)->toBe(TaskStatus::New);
    expect(runProps('/runs?over=1')['runs'][0]['state'])->toBe('cancelled');
});

it('asks no more of the database for many runs than for one', function (): void {
    $sheet = Runsheets::publish(Runsheets::largeRepair());
    $queries = function (string $url): int {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get($url)->assertOk();

        return count(DB::getQueryLog());
    };
    $run = Runsheets::start($sheet, House::arrive());
    $queries('/runs');
    $one = [$queries('/runs'), $queries('/runsheets')];
    foreach (range(1, 6) as $ignored) {
        Runsheets::start($sheet, House::arrive());
    }
    expect([$queries('/runs'), $queries('/runsheets')])->toBe($one);
    expect(Run::query()->count())->toBe(7);
    expect($queries("/runs/{$run->id}"))->toBeLessThan(40);
});
