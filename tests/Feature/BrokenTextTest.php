<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

it('refuses texts that are none, with their name', function (array $body, string $pointer): void {
    $this->postJson('/places', $body)
        ->assertUnprocessable()
        ->assertJsonPath('errors.0', [
            'pointer' => $pointer,
            'detail' => 'This is a text in UTF-8, without control characters.',
        ]);
})->with([
    'NUL' => [['name' => "The\0 Holms"], '/name'],
    'a bell' => [['name' => "The Holms\x07"], '/name'],
    'deep in a list' => [['name' => 'X', 'more' => [['of' => "a\x1b[2J"]]], '/more/0/of'],
    'in a name' => [["na\0me" => 'X'], "/na\0me"],
]);

it('refuses bytes that are not UTF-8 in forms and addresses', function (): void {
    $this->call('POST', '/places', ['name' => "\xff\xfe"], [], [], ['HTTP_ACCEPT' => 'application/json'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/name');
    $this->get('/search?q=%ff%fe', ['Accept' => 'application/json'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/q');
});

it('takes tabs, line ends, accents and pictures for text', function (): void {
    $this->postJson('/places', ['name' => 'Ó Briain’s 🎺'])->assertCreated();
    $task = House::arrive();
    $this->post("/tasks/{$task->id}/comment", ['body' => "One\r\n\tand two"])->assertSessionHasNoErrors();
    expect($task->comments()->sole()->body)->toContain("\tand two");
});

it('takes a list in an address only where the page asks for one', function (): void {
    $this->get('/floor?task[]=1', ['Accept' => 'application/json'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0', ['pointer' => '/task', 'detail' => 'A text belongs here.']);
    $this->get(
        '/absences/what-if?person=callum&first=2026-04-07&last=2026-04-08&substitutes[]=femi',
    )->assertSuccessful();
    $this->get('/absences/what-if?person[]=callum', ['Accept' => 'application/json'])->assertUnprocessable();
});

it('shows whoever looks at a page what was not right, and does not send them round', function (): void {
    $this->get('/floor?task[]=1', ['Referer' => url('/floor?task[]=1')])
        ->assertStatus(422)
        ->assertSee('A text belongs here.')
        ->assertSee('To your work in Open Baton');
    $this->get('/floor?task[]=1', ['Referer' => url('/floor?task[]=1'), 'X-Inertia' => 'true'])
        ->assertStatus(409)
        ->assertHeader('X-Inertia-Location', url('/floor?task%5B0%5D=1'));
    $this->get('/floor?task[]=1', ['Referer' => url('/people')])
        ->assertRedirect('/people')
        ->assertSessionHasErrors('task');
    $this->call('POST', '/absences/calendars/import', [], [], [], ['CONTENT_TYPE' => 'text/calendar'], 'Dear all')
        ->assertStatus(422)
        ->assertSee('This is not a calendar');
    $this->call(
        'POST',
        '/absences/calendars/import',
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'text/calendar', 'HTTP_X_INERTIA' => 'true', 'HTTP_REFERER' => url('/absences/calendars')],
        'Dear all',
    )
        ->assertStatus(303)
        ->assertSessionHas('problem');
});

it('finds nothing by an id that can be none', function (): void {
    $this->get('/tasks/caf%C3%A9')->assertNotFound();
    $this->get('/in-hand?task=caf%C3%A9')->assertNotFound();
});

it('refuses headers that are no texts, with their name', function (string $name, string $value, string $pointer): void {
    $this->call(
        'GET',
        '/search?q=trumpet',
        [],
        [],
        [],
        ['HTTP_ACCEPT' => 'application/json', $name => str_replace('{house}', url(''), $value)],
    )
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', $pointer);
})->with([
    'bytes that are not UTF-8' => ['HTTP_REFERER', "{house}/\xff\xfe", '/Referer'],
    'control characters' => ['HTTP_IDEMPOTENCY_KEY', "key\x01-00001", '/Idempotency-Key'],
    'NUL' => ['HTTP_AUTHORIZATION', "Bearer 1|\0x", '/Authorization'],
]);

it('refuses nobody for what their browser calls itself, and keeps it as a text', function (
    string $agent,
    string $kept,
): void {
    config()->set('session.driver', 'database');
    $this->call('GET', '/account', [], [], [], ['HTTP_USER_AGENT' => $agent])->assertOk();
    expect(DB::table('sessions')->orderByDesc('last_activity')->value('user_agent'))->toBe($kept);
})->with([
    'bytes that are not UTF-8' => ["Firefox \xff\xfe", 'Firefox ??'],
    'control characters' => ["Fire\0fox\x1b[2J", 'Fire fox [2J'],
    'longer than can be kept, of characters of four bytes' => ['x' . str_repeat('🎺', 300), 'x' . str_repeat('🎺', 99)],
]);
