<?php

declare(strict_types=1);

use App\Models\Runsheets\Run;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Runsheets;

beforeEach(function (): void {
    // A Monday, 10:00 in the house.
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
    $this->try = fn(array $deeds, array $more = []) => $this->postJson(
        '/runsheets/try',
        $more + ['document' => Runsheets::largeRepair(), 'deeds' => $deeds],
    );
});

/** @return array<string, string> state of each step by key, such as "open 2" in its second round */
function statesOf(mixed $answer): array
{
    $states = [];
    foreach ($answer->assertOk()->json('run.steps') as $step) {
        $states[$step['key']] = $step['state'] . ($step['round'] > 1 ? " {$step['round']}" : '');
    }

    return $states;
}

it('tells in sentences what a document would change, and how long it takes', function (): void {
    Runsheets::publish(Runsheets::largeRepair());
    expect($this->postJson('/runsheets/preview', Runsheets::largeRepair())->json('differences'))->toBe([]);
    $document = ['name' => 'Larger repair'] + Runsheets::largeRepair();
    $steps = &$document['does']['one_after_another'];
    $steps[1]['name'] = 'At the bench';
    $steps[1]['needed'] = false;
    $steps[] = ['key' => 'call', 'name' => 'Call'] + Runsheets::task('call', ['title' => 'Call them']);
    $answer = $this->postJson('/runsheets/preview', $document)->assertOk();
    expect(array_column($answer->json('differences'), 'text'))->toBe([
        'It is called “Larger repair”, not “Large repair”.',
        '“Bench” is called “At the bench”.',
        'The run goes on where “At the bench” is dropped.',
        'New: “Call”: a task “Call them” (Bench repair).',
    ]);
    $chart = $answer->json('chart');
    expect(array_column($chart['steps'], 'key'))->toBe(['diagnosis', 'approval', 'insurer', 'bench', 'check', 'call']);
    // One after another: each begins when the one before it ends, and the last ends when all does.
    [, , , $bench, $check, $call] = $chart['steps'];
    expect([$check['from'], $call['from'], $call['to']])->toBe([$bench['to'], $check['to'], $chart['minutes']]);
    expect(Runsheet::query()->sole()->draft)->toBeNull();
});

it('tells what stands against a document, unfinished or wrong', function (): void {
    $document = Runsheets::largeRepair();
    $document['does']['one_after_another'][1]['name'] = '';
    $document['does']['one_after_another'][2]['does']['task_kind'] = 'gone';
    $answer = $this->postJson('/runsheets/preview', $document)->assertOk();
    expect([$answer->json('differences'), $answer->json('chart')])->toBe([null, null]);
    expect(array_column($answer->json('faults'), 'unfinished', 'pointer'))->toBe([
        '/does/one_after_another/1/name' => true,
        '/does/one_after_another/2/does/task_kind' => false,
    ]);
    expect(
        ($this->try)([], ['document' => $document])
            ->assertOk()
            ->json('run'),
    )->toBeNull();
});

it('keeps a draft, and refuses one that was written from what it is no more', function (): void {
    $save = fn(array $document, int $revision) => $this->putJson('/runsheets', [
        'document' => $document,
        'revision' => $revision,
    ]);
    expect($save(Runsheets::largeRepair(), 0)->assertOk()->json())->toBe(['id' => 'large-repair', 'revision' => 1]);
    $save(Runsheets::largeRepair(), 0)->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/id');
    $save(['name' => 'Larger'] + Runsheets::largeRepair(), 1)->assertOk();
    $save(['name' => 'Largest'] + Runsheets::largeRepair(), 1)->assertStatus(409);
    $page = $this->get('/runsheets/large-repair/edit')->assertOk()->viewData('page')['props'];
    expect([$page['document']['name'], $page['written']['hasDraft'], $page['versions']])->toBe(['Larger', true, []]);
    Runsheets::publish(Runsheets::largeRepair());
    expect($this->getJson('/runsheets/large-repair/versions/1')->json('document.name'))->toBe('Large repair');
    $this->getJson('/runsheets/large-repair/versions/2')->assertNotFound();
});

it('goes through a run that makes nothing', function (): void {
    $of = ['holds' => ['insurer' => false]];
    expect(statesOf(($this->try)([], $of)))->toBe([
        'diagnosis' => 'open',
        'approval' => 'open',
        'insurer' => 'skipped',
        'bench' => 'not_reached',
        'check' => 'not_reached',
    ]);
    $deeds = [['kind' => 'done', 'step' => 'diagnosis'], ['kind' => 'yes', 'step' => 'approval']];
    expect(statesOf(($this->try)($deeds, $of))['bench'])->toBe('open');
    $deeds[1]['kind'] = 'no';
    expect(statesOf(($this->try)($deeds, $of))['diagnosis'])->toBe('open 2');
    // A working day of the house later.
    $later = ($this->try)([['kind' => 'later', 'minutes' => 60]], $of)->json('run.at');
    expect($later)->toBe('2026-03-02T11:00:00Z');
    expect([Run::query()->count(), Task::query()->count()])->toBe([0, 0]);
});

it('asks a task of the house what applies, and only what is supposed is not asked', function (): void {
    $task = House::arrive();
    $task->update(['tags' => ['insured']]);
    $of = ['number' => (int) $task->number];
    expect(statesOf(($this->try)([], $of))['insurer'])->toBe('open');
    $task = House::arrive();
    $of = ['number' => (int) $task->number];
    expect(statesOf(($this->try)([], $of))['insurer'])->toBe('skipped');
    expect(statesOf(($this->try)([], $of + ['holds' => ['insurer' => true]]))['insurer'])->toBe('open');
    ($this->try)([], ['number' => 99_999])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/number');
    ($this->try)([['kind' => 'explode']])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/deeds/0/kind');
});
