<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\PropTypes;

require_once __DIR__ . '/CaseFunctions.php';
require_once __DIR__ . '/PagesFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    Cases::track();
});

it('does not do more for a list of many than for one of few', function (): void {
    Cases::open(['owner' => 'ayumi', 'customer' => 'holms-school']);
    $count = static function (): int {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        test()->actingAs(House::user('hanneke'))->get('/cases')->assertOk();

        return count(DB::getQueryLog());
    };
    $count();
    $few = $count();
    foreach (range(1, 8) as $ignored) {
        Cases::open(['owner' => 'femi', 'customer' => 'holms-school']);
    }
    expect($count())->toBe($few);
});

it('finds cases by what they are narrowed by', function (array $query, array $titles): void {
    Cases::open(['title' => 'Forty clarinets', 'owner' => 'ayumi', 'tags' => ['band']]);
    Cases::open(['title' => 'Six cellos', 'stage' => 'fitting', 'customer' => 'holms-school']);
    $closed = Cases::open(['title' => 'Two harps', 'owner' => 'femi']);
    deed(House::user('hanneke'), $closed, 'close', ['outcome' => 'declined', 'open' => 'drop'])->assertOk();
    Clock::set('2026-03-05T10:00:00Z');
    app()->forgetScopedInstances();
    $rows = $this->actingAs(House::user('hanneke'))
        ->get('/cases?' . http_build_query($query))
        ->viewData('page')['props']['rows'];
    expect(array_column($rows, 'title'))->toEqualCanonicalizing($titles);
})->with([
    'as usual' => [[], ['Forty clarinets', 'Six cellos']],
    'closed' => [['state' => 'closed'], ['Two harps']],
    'all' => [['state' => 'all'], ['Forty clarinets', 'Six cellos', 'Two harps']],
    'a stage' => [['stage' => 'fitting'], ['Six cellos']],
    'an owner' => [['owner' => 'ayumi'], ['Forty clarinets']],
    'nobody' => [['owner' => 'nobody'], ['Six cellos']],
    'an owner who is not there' => [['owner' => 'gone-away'], []],
    'a customer' => [['q' => 'holms'], ['Six cellos']],
    'a tag' => [['tag' => 'band'], ['Forty clarinets']],
    'a number' => [['q' => '№ 999'], []],
    // Eight hours are the target of Enquiry, and none is set for Fitting.
    'late' => [['waits' => 'late'], ['Forty clarinets']],
]);

it('gives the pages what their TypeScript types say', function (): void {
    $above = Cases::open(['owner' => 'ayumi', 'tags' => ['band'], 'stage' => 'fitting']);
    neededIn($above, 'femi');
    $case = Cases::open([
        'above' => $above->id,
        'customer' => 'holms-school',
        'facts' => ['case.terms' => '2026-03-06'],
    ]);
    deed(House::user('hanneke'), $case, 'comment', ['body' => 'They called.'])->assertRedirect();
    $task = $above->tasks()->sole();
    $asks = Cases::approval($above)->tasks()->sole();
    app()->forgetScopedInstances();
    expect(
        PropTypes::check('cases', [
            ['CasesPage', 'CasesPageProps', propsOf($this, 'hanneke', '/cases')],
            ['CaseView', 'CasePageProps', propsOf($this, 'hanneke', "/cases/{$above->id}")],
            ['CaseView', 'CasePageProps', propsOf($this, 'hanneke', "/cases/{$case->id}")],
            ['TracksPage', 'TracksPageProps', propsOf($this, 'hanneke', '/tracks')],
            ['RiverPage', 'RiverPageProps', propsOf($this, 'hanneke', '/tracks/hire/river')],
            ['TaskView', 'TaskView', propsOf($this, 'femi', "/tasks/{$asks->id}")['task']],
            ['TaskView', 'TaskView', propsOf($this, 'hanneke', "/tasks/{$task->id}")['task']],
        ]),
    )->toBe('');
});

it('shows the cases of a customer on their page, past and open, and lists them alone', function (): void {
    $lead = House::user('hanneke');
    Cases::open(['title' => 'Six cellos', 'owner' => 'ayumi']);
    $past = Cases::open(['title' => 'Two harps', 'customer' => 'holms-school']);
    deed($lead, $past, 'close', ['outcome' => 'renewed', 'open' => 'drop'])->assertOk();
    foreach (['Forty clarinets', 'Oboes'] as $title) {
        Cases::open(['title' => $title, 'customer' => 'holms-school', 'owner' => 'femi']);
    }
    app()->forgetScopedInstances();
    $props = fn(string $url): array => $this->actingAs($lead)->get($url)->assertOk()->viewData('page')['props'];
    $cases = $props('/customers?customer=holms-school')['customer']['cases'];
    expect(array_map(static fn(array $one): array => [$one['title'], $one['outcome']], $cases))->toBe([
        ['Oboes', null],
        ['Forty clarinets', null],
        ['Two harps', 'Renewed'],
    ]);
    $list = $props('/cases?customer=holms-school&state=all');
    expect([$list['of'], $list['total'], $list['mayLay']])->toBe(['The Holms Primary School', 3, true]);
    expect([$props('/cases?customer=nobody')['total'], $props('/cases')['of']])->toBe([0, null]);
    expect($this->actingAs(House::user('ayumi'))->get('/cases')->viewData('page')['props']['mayLay'])->toBeFalse();
});

it('goes out as a table with all that is found, and of nobody else', function (): void {
    Cases::open(['title' => 'Forty clarinets', 'owner' => 'ayumi', 'facts' => ['case.terms' => '2026-03-09']]);
    Cases::open(['title' => '=Six; "cellos"', 'owner' => 'femi', 'customer' => 'holms-school', 'tags' => ['a', 'b']]);
    $table = static function (string $who, string $query = ''): array {
        app()->forgetScopedInstances();
        $csv = test()
            ->actingAs(House::user($who))
            ->get("/cases/export{$query}")
            ->assertOk()
            ->streamedContent();

        return array_map(
            static fn(string $line): array => str_getcsv($line, escape: ''),
            array_values(array_filter(explode("\n", $csv))),
        );
    };
    $all = $table('hanneke', '?sort=title');
    expect(array_slice($all[0], 1, 4))->toBe(['Title', 'Track', 'Stage', 'Since']);
    expect($all[0][11])->toBe('Terms signed on');
    // What a spreadsheet would take for a formula is none.
    expect(array_column(array_slice($all, 1), 1))->toBe([' =Six; "cellos"', 'Forty clarinets']);
    expect([$all[1][5], $all[1][6], $all[1][10], $all[2][11]])->toBe([
        'The Holms Primary School',
        'Femi Adeyinka',
        'a; b',
        '2026-03-09',
    ]);
    expect(count($table('hanneke', '?owner=femi')))->toBe(2);
    // Tobias owns none of them, nor does his team.
    expect(count($table('tobias')))->toBe(1);
});

it('is given a name, for oneself or for everybody, beside the lists of tasks', function (): void {
    $name = static function (string $who, array $list): void {
        app()->forgetScopedInstances();
        test()->actingAs(House::user($who))->post('/task-lists', $list)->assertRedirect();
    };
    $lists = static function (string $who, string $page = '/cases'): array {
        app()->forgetScopedInstances();

        return array_column(
            test()->actingAs(House::user($who))->get($page)->viewData('page')['props']['lists'],
            'query',
            'name',
        );
    };
    $late = ['name' => 'Late hires', 'shared' => true, 'of' => 'cases', 'query' => ['waits' => 'late', 'odd' => 'x']];
    $name('hanneke', $late);
    $name('hanneke', ['name' => 'Mine', 'shared' => false, 'of' => 'cases', 'query' => ['owner' => 'hanneke']]);
    $name('hanneke', ['name' => 'Late hires', 'shared' => true, 'query' => ['due' => 'late']]);
    expect($lists('femi'))->toEqual(['Late hires' => (object) ['waits' => 'late']]);
    expect(array_keys($lists('hanneke')))->toBe(['Late hires', 'Mine']);
    expect($lists('femi', '/tasks'))->toEqual(['Late hires' => (object) ['due' => 'late']]);
    $this->actingAs(House::user('hanneke'))
        ->postJson('/task-lists', ['of' => 'people'] + $late)
        ->assertUnprocessable();
});
