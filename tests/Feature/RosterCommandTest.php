<?php

declare(strict_types=1);

use App\Bridge\CheckedRules;
use App\Bridge\SnapshotSource;
use App\Models\Absences\Absence;
use App\Models\Access\AuditRecord;
use App\Models\People\Person;
use App\Models\People\Team;
use App\Models\Rules\RulebookVersion;
use App\Rules\LockedDraft;
use Illuminate\Support\Facades\Process;
use Tests\Support\House;

beforeEach(function (): void {
    House::open([
        ['id' => 'away', 'person' => 'callum', 'first' => '2026-03-02', 'last' => '2026-03-06', 'status' => 'approved'],
    ]);
    House::publish(
        House::rule(
            'any',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['femi']], 'method' => ['kind' => 'in_order']],
        ),
    );
    $this->file = (string) tempnam(sys_get_temp_dir(), 'roster');
    $roster = House::roster();
    $roster['people'] = array_values(
        array_filter($roster['people'], static fn(array $person): bool => $person['id'] !== 'tobias'),
    );
    $roster['people'][1]['name'] = 'Ayumi Kato-Rees';
    $roster['people'][] = ['id' => 'oona', 'name' => 'Oona Varga'];
    unset($roster['teams'], $roster['absences']);
    file_put_contents($this->file, json_encode($roster));
});

afterEach(function (): void {
    unlink($this->file);
});

it('says what it would do, and does nothing', function (): void {
    $this->artisan('baton:import', ['what' => 'roster', 'file' => $this->file, '--preview' => true])
        ->expectsOutputToContain('people to be added: Oona Varga')
        ->expectsOutputToContain('people to be changed: Ayumi Kato-Rees')
        ->expectsOutputToContain('people not in the file, stays: Tobias Lindqvist')
        ->expectsOutputToContain('teams not in the file, stays: Brass bench')
        ->assertExitCode(0);
    expect(Person::query()->where('slug', 'oona')->exists())->toBeFalse();
    expect(AuditRecord::query()->where('log_name', 'roster')->count())->toBe(1);
});

it('merges, and takes away where that is chosen', function (bool $remove, array $left): void {
    $this->artisan('baton:import', ['what' => 'roster', 'file' => $this->file, '--remove' => $remove])
        ->expectsOutputToContain('The roster is imported.')
        ->assertExitCode(0);
    expect([
        Person::query()->where('slug', 'tobias')->sole()->active,
        Team::query()->count(),
        Absence::query()->count(),
    ])->toBe($left);
    expect(Person::query()->where('slug', 'oona')->sole()->active)->toBeTrue();
})->with([[false, [true, 1, 1]], [true, [false, 0, 0]]]);

it('is recorded as done by the system, with what it changed', function (): void {
    $this->artisan('baton:import', ['what' => 'roster', 'file' => $this->file]);
    $record = AuditRecord::query()->where('log_name', 'roster')->latest('id')->firstOrFail();
    expect($record->causer_id)->toBeNull();
    expect($record->properties['system'])->toBe('command line');
    expect($record->properties['removing'])->toBeFalse();
    expect($record->properties['changes']['people'])->toBe([
        'added' => ['Oona Varga'],
        'changed' => ['Ayumi Kato-Rees'],
        'missing' => ['Tobias Lindqvist'],
    ]);
});

it('refuses to take away whom the published rules name, and changes nothing', function (): void {
    $roster = json_decode((string) file_get_contents($this->file), true);
    $roster['people'] = array_values(
        array_filter($roster['people'], static fn(array $person): bool => $person['id'] !== 'femi'),
    );
    file_put_contents($this->file, json_encode($roster));
    $this->artisan('baton:import', ['what' => 'roster', 'file' => $this->file])->assertExitCode(0);
    expect(Person::query()->where('slug', 'femi')->sole()->active)->toBeTrue();
});

it('records a rulebook from the command line as the system\'s', function (): void {
    $rules = [
        'openbaton' => 'rulebook/2',
        'fields' => json_decode((string) json_encode(RulebookVersion::query()->published()->sole()->fields), true),
        'rules' => [House::roundRule()],
    ];
    file_put_contents($this->file, json_encode($rules));
    $this->artisan('baton:import', ['what' => 'rulebook', 'file' => $this->file, '--publish' => true])
        ->expectsOutputToContain('Version 2 is published.')
        ->assertExitCode(0);
    $version = RulebookVersion::query()->published()->sole();
    expect($version->author())->toBe('command line');
    expect($version->saved_by)->toBeNull();
    expect(AuditRecord::query()->where('log_name', 'rulebook')->latest('id')->firstOrFail()->causer_id)->toBeNull();
});

it('publishes what can be read in again, whatever the way in', function (): void {
    $this->actingAs(House::user('hanneke'));
    $rule = House::roundRule();
    $rule['name'] = '  Brass  ';
    $rule['give']['method']['rotation'] = ' Brass bench ';
    $saved = $this->putJson('/rulebook/draft', ['rules' => [$rule], 'revision' => LockedDraft::revision()])->assertOk();
    $this->post('/rulebook/publish', ['revision' => $saved->json('revision')])->assertSessionMissing('problem');
    $exported = (string) $this->get('/rulebook/export')->assertOk()->getContent();
    $again = json_decode($exported, true);
    expect($again['rules'][0]['name'])->toBe('Brass');
    expect($again['rules'][0]['give']['method']['rotation'])->toBe('Brass bench');
    file_put_contents($this->file, $exported);
    $this->artisan('baton:import', ['what' => 'rulebook', 'file' => $this->file])->assertExitCode(0);
});

it('remembers which rules were right, and reads those that have changed', function (): void {
    $house = app(SnapshotSource::class)->current();
    $checked = app(CheckedRules::class);
    $right = House::roundRule();
    $wrong = ['give' => ['pool' => ['kind' => 'team', 'team' => 'choir'], 'method' => ['kind' => 'in_order']]] + $right;
    expect($checked->faults([$right, $right], $house))->toBe([]);
    expect(array_column($checked->faults([$right, $wrong], $house), 'pointer'))->toBe(['/rules/1/give/pool/team']);
    expect(array_column($checked->faults([$wrong, $right], $house), 'pointer'))->toBe(['/rules/0/give/pool/team']);
    expect($checked->faults([$right], $house))->toBe([]);
    // Another state of the house knows nothing of what was right in this one.
    $roster = House::roster();
    $roster['teams'][0]['id'] = 'horns';
    Team::query()->update(['slug' => 'horns']);
    $this->actingAs(House::user('hanneke'))->postJson('/roster/import', $roster)->assertOk();
    expect(array_column($checked->faults([$right], app(SnapshotSource::class)->current()), 'pointer'))->toBe([
        '/rules/0/give/pool/team',
    ]);
});

it('decides a file relative to where one stands, and says of a folder that it is one', function (): void {
    $run = static fn(string $path, string $from) => Process::path(base_path())
        ->env(['BATON_FROM' => $from])
        ->run([PHP_BINARY, '-d', 'pcov.enabled=0', 'bin/decide.php', $path]);
    expect($run('examples/brass-repair.world.json', base_path('docs'))->exitCode())->toBe(0);
    expect($run('brass-repair.world.json', base_path('docs/examples'))->output())->toBe(
        $run('docs/examples/brass-repair.world.json', base_path())->output(),
    );
    expect($run('examples', base_path('docs'))->exitCode())->toBe(2);
    expect($run('examples', base_path('docs'))->errorOutput())->toContain('folder');
    expect($run('nothing.json', base_path('docs'))->errorOutput())->toContain('nothing.json');
});
