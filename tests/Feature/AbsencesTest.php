<?php

declare(strict_types=1);

use App\Models\Absences\Absence;
use App\Models\People\Person;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Absence\AbsenceStatus;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'one',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['ayumi']], 'method' => ['kind' => 'same_person']],
        ),
    );
});

/** @param array<string, mixed> $data */
function ask(mixed $test, string $who, array $data = [], string $path = '/absences'): TestResponse
{
    app()->forgetScopedInstances();

    return $test->actingAs(House::user($who))->post($path, $data);
}

/** @return array<string, mixed> */
function week(string $person = 'ayumi', array $more = []): array
{
    return $more + [
        'person' => $person,
        'days' => 1,
        'first' => '2026-03-04',
        'last' => '2026-03-05',
        'kind' => 'leave',
        'note' => 'The fair',
        'substitutes' => ['femi', 'callum'],
    ];
}

/** @return list<array<string, mixed>> as somebody sees them */
function seenBy(mixed $test, string $who): array
{
    app()->forgetScopedInstances();

    return $test->actingAs(House::user($who))->get('/absences')->assertOk()->viewData('page')['props']['absences'];
}

it('is asked for, approved with a word, and goes by for everybody', function (): void {
    ask($this, 'ayumi', week())->assertSessionHas('done', 'The absence of Ayumi Kato is asked for.');
    $absence = Absence::query()->sole();
    Clock::set('2026-03-04T10:00:00Z');
    expect([$absence->status, House::arrive()->assignee?->slug])->toBe([AbsenceStatus::Asked, 'ayumi']);
    ask($this, 'hanneke', ['approve' => 1, 'word' => 'Enjoy it'], "/absences/{$absence->id}/decide")->assertSessionHas(
        'done',
        'The absence of Ayumi Kato is approved.',
    );
    expect(House::arrive()->assignee?->slug)->toBe('femi');
    expect(seenBy($this, 'ayumi')[0])->toMatchArray([
        'state' => 'running',
        'first' => '2026-03-04',
        'last' => '2026-03-05',
        'kind' => 'leave',
        'note' => 'The fair',
        'word' => 'Enjoy it',
        'may' => ['decide' => false, 'end' => true, 'plan' => true, 'change' => false, 'handOver' => false],
    ]);
    expect(array_column(seenBy($this, 'ayumi')[0]['substitutes'], 'slug'))->toBe(['femi', 'callum']);
    expect(Activity::query()->where('event', 'like', 'absence_%')->orderBy('id')->pluck('description')->all())->toBe([
        'asked for an absence of Ayumi Kato',
        'approved an absence of Ayumi Kato',
    ]);
    Clock::set('2026-03-06T10:00:00Z');
    expect([House::arrive()->assignee?->slug, seenBy($this, 'ayumi')[0]['state']])->toBe(['ayumi', 'over']);
});

it(
    'asks whoever has named nobody for a name, and says nothing of others to whoever may not ask for them',
    function (): void {
        foreach (['', 'nobody-at-all'] as $person) {
            foreach (['hanneke', 'ayumi'] as $who) {
                ask($this, $who, week($person))->assertSessionHasErrors(['person' => 'Choose a person.']);
            }
        }
        ask($this, 'femi', week('ayumi'))->assertForbidden();
        expect(Absence::query()->count())->toBe(0);
    },
);

it('tells the lead what stands against it before it is approved', function (): void {
    ask($this, 'hanneke', week('femi', ['first' => '2026-03-05', 'last' => '2026-03-09', 'substitutes' => ['ayumi']]));
    ask($this, 'ayumi', week());
    ask($this, 'tobias', week('tobias', ['substitutes' => []]));
    $conflicts = static fn(array $lines): array => array_map(
        static fn(array $line): array => [$line['person']['slug'], $line['conflicts']],
        array_values(array_filter($lines, static fn(array $line): bool => $line['state'] === 'asked')),
    );
    expect($conflicts(seenBy($this, 'hanneke')))->toBe([
        ['tobias', ['Nobody is named to stand in']],
        [
            'ayumi',
            [
                'Femi Adeyinka is away as well, Thu 5 Mar, 00:00 – Tue 10 Mar, 00:00, and their substitutes ' .
                'lead back here',
            ],
        ],
    ]);
    expect(seenBy($this, 'callum')[0]['conflicts'])->toBe([]);
});

it('is declined, and then counts for nothing', function (): void {
    ask($this, 'ayumi', week());
    $absence = Absence::query()->sole();
    ask($this, 'hanneke', ['approve' => 0, 'word' => 'Not that week'], "/absences/{$absence->id}/decide");
    Clock::set('2026-03-04T10:00:00Z');
    expect(House::arrive()->assignee?->slug)->toBe('ayumi');
    expect(seenBy($this, 'ayumi')[0])->toMatchArray(['state' => 'declined', 'word' => 'Not that week']);
    // Decided is decided.
    ask($this, 'hanneke', ['approve' => 1], "/absences/{$absence->id}/decide")->assertSessionHas('problem');
    ask($this, 'ayumi', [], "/absences/{$absence->id}/end")->assertSessionHas('problem');
    expect($absence->refresh()->status)->toBe(AbsenceStatus::Declined);
});

it('is entered by a lead, by the hour too, and ended sooner by whoever is back', function (): void {
    ask(
        $this,
        'hanneke',
        week(
            more: [
                'days' => 0,
                'from' => '2026-03-02T09:00:00Z',
                'to' => '2026-03-02T15:00:00Z',
                'substitutes' => ['callum'],
            ],
        ),
    )->assertSessionHas('done', 'Ayumi Kato is entered as away.');
    expect(House::arrive()->assignee?->slug)->toBe('callum');
    Clock::set('2026-03-02T11:00:00Z');
    ask($this, 'ayumi', [], '/absences/' . Absence::query()->sole()->id . '/end')->assertSessionHasNoErrors();
    expect(House::arrive()->assignee?->slug)->toBe('ayumi');
    expect(seenBy($this, 'ayumi')[0])->toMatchArray([
        'state' => 'over',
        'from' => '2026-03-02T09:00:00Z',
        'to' => '2026-03-02T11:00:00Z',
    ]);
});

it('is called off before it begins', function (string $who): void {
    ask($this, 'hanneke', week());
    ask($this, $who, [], '/absences/' . Absence::query()->sole()->id . '/end')->assertSessionHasNoErrors();
    Clock::set('2026-03-04T10:00:00Z');
    expect(House::arrive()->assignee?->slug)->toBe('ayumi');
    expect(seenBy($this, 'ayumi')[0]['state'])->toBe('cancelled');
})->with(['ayumi', 'hanneke']);

it('takes two clicks where somebody is ill, in their own day', function (): void {
    Clock::set('2026-03-02T22:30:00Z');
    expect(
        $this->actingAs(House::user('hanneke'))->get('/floor?person=tobias')->viewData('page')['props']['person'][
            'intake'
        ]['mayEnterIll'],
    )->toBeTrue();
    ask($this, 'hanneke', [], '/people/tobias/ill')->assertSessionHas('undo');
    // In Helsinki it is the third already.
    expect(Absence::query()->sole()->first_day?->format('Y-m-d'))->toBe('2026-03-03');
    expect(seenBy($this, 'hanneke')[0])->toMatchArray(['kind' => 'ill', 'state' => 'running']);
    expect(
        $this->get('/floor?person=tobias')->viewData('page')['props']['person']['intake']['mayEnterIll'],
    )->toBeFalse();
});

it('is a matter of oneself and of leads, and why is theirs to know', function (): void {
    ask($this, 'femi', week())->assertForbidden();
    ask($this, 'femi', [], '/people/ayumi/ill')->assertForbidden();
    ask($this, 'ayumi', week());
    $absence = Absence::query()->sole();
    foreach (['femi', 'ayumi'] as $who) {
        ask($this, $who, ['approve' => 1], "/absences/{$absence->id}/decide")->assertForbidden();
    }
    ask($this, 'femi', [], "/absences/{$absence->id}/end")->assertForbidden();
    expect(seenBy($this, 'femi'))->toBe([]);
    expect($absence->refresh()->status)->toBe(AbsenceStatus::Asked);
    ask($this, 'hanneke', ['approve' => 1, 'word' => 'Yes'], "/absences/{$absence->id}/decide");
    expect(seenBy($this, 'femi')[0])->toMatchArray([
        'state' => 'coming',
        'kind' => null,
        'note' => null,
        'word' => null,
        'may' => ['decide' => false, 'end' => false, 'plan' => false, 'change' => false, 'handOver' => false],
    ]);
});

it('refuses what is not right', function (array $data, string $field): void {
    ask($this, 'hanneke', week(more: $data))->assertSessionHasErrors($field);
    expect(Absence::query()->count())->toBe(0);
})->with([
    'that ends before it begins' => [['last' => '2026-03-03'], 'last'],
    'no day' => [['first' => 'soon'], 'first'],
    'long ago' => [['first' => '2024-01-01', 'last' => '2024-01-02'], 'first'],
    'far away' => [['last' => '2036-01-01'], 'last'],
    'no moments' => [['days' => 0], 'from'],
    'moments the wrong way round' => [
        ['days' => 0, 'from' => '2026-03-02T12:00:00Z', 'to' => '2026-03-02T12:00:00Z'],
        'to',
    ],
    'of no kind' => [['kind' => 'holiday'], 'kind'],
    'covered by oneself' => [['substitutes' => ['ayumi']], 'substitutes.0'],
    'covered by nobody there is' => [['substitutes' => ['nobody']], 'substitutes.0'],
    'covered by one twice' => [['substitutes' => ['femi', 'femi']], 'substitutes.0'],
]);

it('asks for as many rows however many are away', function (): void {
    $queries = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        seenBy($this, 'hanneke');
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    ask($this, 'hanneke', week());
    $queries();
    $one = $queries();
    foreach (Person::query()->pluck('slug') as $slug) {
        ask($this, 'hanneke', week((string) $slug, ['substitutes' => []]));
    }
    // The house is read anew once.
    $queries();
    expect($queries())->toBe($one);
});
