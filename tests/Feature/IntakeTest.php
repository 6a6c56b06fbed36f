<?php

declare(strict_types=1);

use App\Models\People\Person;
use Illuminate\Testing\TestResponse;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'bench',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['ayumi', 'femi']], 'method' => ['kind' => 'in_order']],
        ),
    );
});

/** @param array<string, mixed> $data */
function intakeOf(mixed $test, string $who, string $of, string $what, array $data = []): TestResponse
{
    app()->forgetScopedInstances();

    return $test->actingAs(House::user($who))->post("/people/{$of}/{$what}", $data);
}

it('lets no new work come to somebody until a moment, and says why', function (): void {
    intakeOf($this, 'ayumi', 'ayumi', 'pause', [
        'until' => '2026-03-02T12:00:00Z',
        'reason' => ' The festival harp ',
    ])->assertSessionHas('done', 'No new work comes to Ayumi Kato now.');
    expect(House::arrive()->assignee?->slug)->toBe('femi');
    expect($this->actingAs(House::user('ayumi'))->get('/in-hand')->viewData('page')['props']['intake'])->toBe([
        'slug' => 'ayumi',
        'name' => 'Ayumi Kato',
        'paused' => true,
        'until' => '2026-03-02T12:00:00Z',
        'reason' => 'The festival harp',
        'may' => true,
        'mayEnterIll' => false,
    ]);
    Clock::set('2026-03-02T12:00:00Z');
    expect(House::arrive()->assignee?->slug)->toBe('ayumi');
    expect($this->actingAs(House::user('ayumi'))->get('/in-hand')->viewData('page')['props']['intake'])->toMatchArray([
        'paused' => false,
        'until' => null,
        'reason' => null,
    ]);
});

it('is ended by hand, whoever paused it', function (): void {
    intakeOf($this, 'hanneke', 'ayumi', 'pause', ['reason' => 'Her hand hurts']);
    expect(Person::query()->where('slug', 'ayumi')->sole()->intake_paused_until)->toBe('further_notice');
    expect(House::arrive()->assignee?->slug)->toBe('femi');
    expect($this->get('/floor?person=ayumi')->viewData('page')['props']['person']['intake'])->toMatchArray([
        'paused' => true,
        'until' => null,
        'reason' => 'Her hand hurts',
        'may' => true,
    ]);
    intakeOf($this, 'ayumi', 'ayumi', 'resume');
    expect(House::arrive()->assignee?->slug)->toBe('ayumi');
    expect(
        Activity::query()
            ->whereIn('event', ['intake_paused', 'intake_resumed'])
            ->orderBy('id')
            ->pluck('description')
            ->all(),
    )->toBe(['paused the intake of Ayumi Kato', 'let work come to Ayumi Kato again']);
});

it('is a matter of oneself and of leads', function (string $what): void {
    intakeOf($this, 'femi', 'ayumi', $what, ['reason' => 'Because'])->assertForbidden();
    intakeOf($this, 'ayumi', 'nobody', $what, ['reason' => 'Because'])->assertNotFound();
    expect(Person::query()->whereNotNull('intake_paused_until')->count())->toBe(0);
})->with(['pause', 'resume']);

it('refuses what is not right', function (array $data, string $field): void {
    intakeOf($this, 'ayumi', 'ayumi', 'pause', $data)->assertSessionHasErrors($field);
    expect(Person::query()->whereNotNull('intake_paused_until')->count())->toBe(0);
})->with([
    'no reason' => [['reason' => '  '], 'reason'],
    'a long reason' => [['reason' => str_repeat('x', 201)], 'reason'],
    'what is past' => [['reason' => 'Because', 'until' => '2026-03-02T09:59:00Z'], 'until'],
    'what no table holds' => [['reason' => 'Because', 'until' => '9999-01-01T00:00:00Z'], 'until'],
    'no moment' => [['reason' => 'Because', 'until' => 'soon'], 'until'],
]);
