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
