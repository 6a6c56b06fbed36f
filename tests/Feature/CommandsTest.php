<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Documents\SchemaCheck;
use App\Models\Access\AccessToken;
use App\Models\Access\User;
use App\Models\House\House as HouseRow;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Time\LocalDate;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->file = (string) tempnam(sys_get_temp_dir(), 'baton');
});

afterEach(function (): void {
    @unlink($this->file);
});

it('makes a token with which a task can be brought in, and with nothing else', function (): void {
    Artisan::call('baton:token', ['email' => 'hanneke@alderquill.example', 'name' => 'shop']);
    $token = trim(Artisan::output());
    expect(
        AccessToken::query()
            ->sole()
            ->only(['name', 'abilities']),
    )->toBe(['name' => 'shop', 'abilities' => ['tasks:create']]);
    $this->postJson(
        '/api/v1/tasks',
        ['title' => 'Trumpet', 'kind' => 'quote'],
        ['Authorization' => "Bearer {$token}", 'Idempotency-Key' => 'key-00001'],
    )->assertCreated();
});

it('makes no token for nobody', function (): void {
    $this->artisan('baton:token', ['email' => 'nobody@alderquill.example', 'name' => 'shop'])
        ->expectsOutputToContain('Nobody signs in')
        ->assertExitCode(2);
    expect(AccessToken::query()->count())->toBe(0);
});

it('writes the roster out, to a file or for the next command, and reads it in again', function (): void {
    $this->artisan('baton:export', ['what' => 'roster', 'file' => $this->file])->assertExitCode(0);
    $written = (string) file_get_contents($this->file);
    SchemaCheck::check('roster', json_decode($written));
    Artisan::call('baton:export', ['what' => 'roster']);
    expect(json_decode(Artisan::output(), true))->toBe(json_decode($written, true));

    file_put_contents($this->file, str_replace('Femi Adeyinka', 'Femi Adeyinka-Rees', $written));
    $this->artisan('baton:import', ['what' => 'roster', 'file' => $this->file])->assertExitCode(0);
    expect(app(SnapshotSource::class)->current()->roster->people['femi']->name)->toBe('Femi Adeyinka-Rees');
});

it('says what it cannot do, and does nothing', function (string $command, array $arguments, string $said): void {
    $revision = app(SnapshotSource::class)->current()->revision;
    file_put_contents($this->file, '{"openbaton":"roster/1"}');
    $this->artisan(
        $command,
        array_map(fn(string $argument): string => str_replace('FILE', $this->file, $argument), $arguments),
    )
        ->expectsOutputToContain($said)
        ->assertExitCode(2);
    expect(app(SnapshotSource::class)->current()->revision)->toBe($revision);
})->with([
    ['baton:export', ['what' => 'people'], 'There is "rulebook" and "roster".'],
    ['baton:export', ['what' => 'roster', 'file' => '/nowhere/at/all.json'], 'can\'t be written'],
    ['baton:import', ['what' => 'people', 'file' => 'FILE'], 'There is "rulebook" and "roster".'],
    ['baton:import', ['what' => 'roster', 'file' => '/nowhere/at/all.json'], 'can\'t be read'],
    ['baton:import', ['what' => 'roster', 'file' => 'FILE'], '"house" is missing'],
]);

const FIRST = [
    '--zone' => 'Europe/Dublin',
    '--lead' => 'Una@boiler.example',
    '--called' => 'Una Brophy',
    '--no-interaction' => true,
];

it('begins a house in empty tables, and none where there is one', function (array $given, int $code): void {
    DB::table('people')->delete();
    DB::table('houses')->delete();
    expect(Artisan::call('baton:begin', $given + FIRST))->toBe($code);
    expect(HouseRow::query()->count())->toBe($code === 0 ? 1 : 0);
    expect(Artisan::call('baton:begin', ['name' => 'Once more'] + FIRST))->toBe($code === 0 ? 2 : 0);
})->with([
    [['name' => 'Brophy Boilers'], 0],
    [['name' => ' '], 2],
    [['name' => null], 2],
    [['name' => str_repeat('x', 201)], 2],
    [['name' => 'X', '--zone' => 'Nowhere'], 2],
    [['name' => 'X', '--lead' => 'una'], 2],
    [['name' => 'X', '--called' => null], 2],
]);

it('begins with a first lead, who chooses a password and can hold work', function (): void {
    DB::table('people')->delete();
    DB::table('houses')->delete();
    $this->artisan('baton:begin', ['name' => 'Brophy Boilers'])
        ->expectsQuestion('Its time zone, such as Europe/Dublin?', 'Europe/Dublin')
        ->expectsQuestion('The e-mail address of its first lead?', 'una@boiler.example')
        ->expectsQuestion('The name of that lead?', 'Una Brophy')
        ->expectsOutputToContain('/invitation/')
        ->assertExitCode(0);
    app()->forgetScopedInstances();
    $lead = User::query()->where('email', 'una@boiler.example')->sole();
    expect([$lead->leads(), $lead->can('administer', User::class), $lead->person?->slug])->toBe([
        true,
        true,
        'una-brophy',
    ]);
    $hours = app(SnapshotSource::class)->current()->roster->people['una-brophy']->hours;
    expect(count($hours->spansOf(LocalDate::parse('2026-03-02'))))->toBe(1);
    expect($hours->spansOf(LocalDate::parse('2026-03-07')))->toBe([]);
});
