<?php

declare(strict_types=1);

use App\Models\Absence;
use App\Models\Role;
use App\Models\StandInEvent;
use Database\Factories\UserFactory;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use OpenBaton\Core\Absence\AbsenceStatus;
use Tests\Support\Clock;
use Tests\Support\House;

/** Whom a route of roster, absences and calendars lets in. Each is asked with what it would take. */
const ALL_OF_THE_HOUSE = ['member', 'whose', 'lead', 'administrator'];
const WHOSE_IT_IS = ['whose', 'lead', 'administrator'];
/** Who has no page of their own finds none. */
const REFUSED = [403, 404];
const LEADS = ['lead', 'administrator'];

/** @return array<string, array{list<string>, array<string, mixed>}> who is let in, and what is sent, by route */
function letsIn(): array
{
    $days = ['kind' => 'holiday', 'first' => '2026-03-16', 'last' => '2026-03-17'];
    $calendar = ['text' => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//X//EN\r\nEND:VCALENDAR\r\n"];

    return [
        'GET absences' => [ALL_OF_THE_HOUSE, []],
        'POST absences' => [WHOSE_IT_IS, ['person' => 'callum'] + $days],
        'POST absences/minimum' => [LEADS, ['of' => 'team:brass-bench', 'people' => 2]],
        'GET absences/calendars' => [LEADS, []],
        'POST absences/calendars/preview' => [LEADS, $calendar],
        'POST absences/calendars/import' => [LEADS, $calendar],
        'POST absences/calendars/hours' => [LEADS, $calendar],
        'POST absences/calendars/poll' => [LEADS, []],
        'POST absences/calendars/renew' => [['member', 'whose', 'lead'], []],
        'GET absences/what-if' => [WHOSE_IT_IS, ['person' => 'callum', 'first' => '2026-03-16', 'last' => '2026-03-17']],
        'GET absences/{absence}' => [WHOSE_IT_IS, []],
        'POST absences/{absence}' => [WHOSE_IT_IS, ['person' => 'callum'] + $days],
        'POST absences/{absence}/cover' => [LEADS, ['task' => '', 'person' => null]],
        'POST absences/{absence}/hand-over' => [LEADS, []],
        'POST absences/{absence}/decide' => [LEADS, ['approve' => true]],
        'POST absences/{absence}/end' => [WHOSE_IT_IS, []],
        'GET stand-ins/personnel' => [LEADS, []],
        'POST stand-ins/personnel' => [LEADS, []],
        'POST stand-ins/personnel/{event}/cancel' => [LEADS, []],
        'GET me' => [['member', 'whose', 'lead'], []],
        'GET people' => [LEADS, []],
        'POST people' => [LEADS, ['document' => ['name' => 'Oona Varga']]],
        'POST people/change' => [LEADS, ['people' => ['callum'], 'what' => 'percent', 'percent' => 50]],
        'PUT people/{person}' => [LEADS, ['document' => ['name' => 'Callum Rees']]],
        'GET people/{person}/leaving' => [LEADS, []],
        'POST people/{person}/leaving' => [LEADS, []],
        'POST people/{person}/ill' => [LEADS, []],
        'POST people/{person}/pause' => [WHOSE_IT_IS, ['until' => 'further_notice', 'reason' => 'Stock count']],
        'POST people/{person}/resume' => [WHOSE_IT_IS, []],
        'GET places' => [LEADS, []],
        'POST places' => [LEADS, ['name' => 'Lowlands']],
        'POST places/{place}' => [LEADS, ['name' => 'Islands']],
        'DELETE places/{place}' => [LEADS, []],
        'GET roster/export' => [LEADS, []],
        'POST roster/preview' => [LEADS, House::roster()],
        'POST roster/import' => [LEADS, House::roster()],
        'PUT roster/house' => [LEADS, ['document' => ['zone' => 'Europe/Dublin']]],
        'PUT roster/{list}/{slug}' => [LEADS, ['document' => ['name' => 'Brass']]],
        'DELETE roster/{list}/{slug}' => [LEADS, []],
    ];
}

/** @return list<string> "METHOD path" of each route that there is under these */
function rosterRoutes(): array
{
    $found = [];
    /** @var Route $route */
    foreach (app('router')->getRoutes()->getRoutes() as $route) {
        if (preg_match('#^(absences|people|places|roster|stand-ins/personnel|me)(/|$)#', $route->uri()) && ! str_ends_with($route->uri(), '.ics')) {
            $found[] = $route->methods()[0].' '.str_replace('?}', '}', $route->uri());
        }
    }
    sort($found);

    return $found;
}

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    Http::fake(['*' => Http::response("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//X//EN\r\nEND:VCALENDAR\r\n")]);
    $absence = Absence::query()->create(['slug' => 'a', 'person_id' => House::person('callum')->id, 'first_day' => '2026-03-09', 'last_day' => '2026-03-13', 'status' => AbsenceStatus::Asked]);
    $event = StandInEvent::query()->create(['name' => 'Callum Rees', 'first_day' => '2026-03-09', 'last_day' => '2026-03-10']);
    $this->values = ['{absence}' => $absence->id, '{event}' => $event->id, '{person}' => 'callum', '{place}' => 'the-holms', '{list}' => 'teams', '{slug}' => 'brass-bench'];
    $this->users = [
        'nobody here' => UserFactory::new()->create(),
        'member' => House::user('ayumi'),
        'whose' => House::user('callum'),
        'lead' => House::user('hanneke'),
        'administrator' => UserFactory::new()->who(Role::Administrator)->create(),
    ];
});

it('has an entry for each route, and no other', function (): void {
    $entries = array_keys(letsIn());
    sort($entries);
    expect($entries)->toBe(rosterRoutes());
});

it('lets in whom it is for, and nobody else', function (string $route): void {
    [$expected, $sent] = letsIn()[$route];
    [$method, $path] = explode(' ', $route);
    $url = '/'.strtr($path, $this->values);
    $this->json($method, $url, $sent)->assertUnauthorized();
    $letIn = [];
    foreach ($this->users as $who => $user) {
        app()->forgetScopedInstances();
        Cache::flush();
        DB::beginTransaction();
        $status = $this->actingAs($user)->call($method, $url, $sent, [], [], ['HTTP_ACCEPT' => 'application/json'])->getStatusCode();
        DB::rollBack();
        expect($status)->toBeLessThan(500, "{$who}: {$status}");
        if (! in_array($status, REFUSED, true)) {
            $letIn[] = $who;
        }
    }
    expect($letIn)->toBe($expected);
})->with(fn(): array => array_keys(letsIn()));

it('changes nothing for whom it does not let in', function (): void {
    $rows = static fn(): array => array_map(static fn(string $table): array => DB::table($table)->orderBy('id')->get()->map(static fn(object $row): array => (array) $row)->all(), ['people', 'teams', 'places', 'absences', 'houses', 'stand_in_events', 'calendar_feeds']);
    $before = $rows();
    foreach (letsIn() as $route => [$expected, $sent]) {
        [$method, $path] = explode(' ', $route);
        foreach (array_diff(array_keys($this->users), $expected) as $who) {
            app()->forgetScopedInstances();
            expect($this->actingAs($this->users[$who])->call($method, '/'.strtr($path, $this->values), $sent, [], [], ['HTTP_ACCEPT' => 'application/json'])->getStatusCode())->toBeIn(REFUSED);
        }
    }
    expect($rows())->toBe($before);
});
