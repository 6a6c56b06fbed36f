<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Access\SessionRows;
use App\Rules\LockedDraft;
use App\Rules\SaveDraft;
use Illuminate\Http\Request;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\OpenPage;

beforeEach(function (): void {
    config()->set('session.driver', 'database');
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    $this->jar = [];
});

/**
 * Asks as a browser does that has a session from its requests before.
 *
 * @param array<string, string> $headers
 * @param array<string, mixed>  $data
 */
function fromOneBrowser(string $method, string $url, array $headers = [], array $data = []): TestResponse
{
    $name = config()->string('session.cookie');
    session()->flush();
    $server = array_combine(
        array_map(
            static fn(string $header): string => 'HTTP_' . strtoupper(strtr($header, '-', '_')),
            array_keys($headers),
        ),
        $headers,
    );
    $answer = test()->call($method, $url, $data, test()->jar, server: $server);
    test()->jar = [$name => $answer->getCookie($name, false)->getValue()];

    return $answer;
}

function noticeOn(string $url): mixed
{
    return fromOneBrowser('GET', $url, OpenPage::visits())->assertOk()->json('props.notice.done');
}

it('keeps what an action says until a page shows it, whatever is asked for meanwhile', function (
    string $url,
    array $headers,
): void {
    $this->actingAs(House::user('hanneke'));
    $draft = app(SaveDraft::class)([House::roundRule()], LockedDraft::revision(), Actor::system('test'));
    fromOneBrowser('DELETE', '/rulebook/draft', data: ['revision' => $draft->revision])->assertRedirect('/rulebook');
    foreach (range(1, 3) as $_) {
        expect(fromOneBrowser('GET', $url, $headers)->assertOk()->json('props.notice'))->toBeNull();
    }
    expect(noticeOn('/rulebook'))->toBe('The draft is discarded.');
    expect(noticeOn('/rulebook'))->toBeNull();
})->with([
    'whether it is current' => ['/pulse', OpenPage::asks()],
    'a search' => ['/search?q=trumpet', OpenPage::asks()],
    'the page anew, but for what is said' => fn(): array => [
        '/rulebook',
        OpenPage::visits() + [
            'X-Inertia-Partial-Component' => 'Rulebook/Rulebook',
            'X-Inertia-Partial-Except' => 'notice',
        ],
    ],
    'a part of the page' => fn(): array => [
        '/rulebook',
        OpenPage::visits() + [
            'X-Inertia-Partial-Component' => 'Rulebook/Rulebook',
            'X-Inertia-Partial-Data' => 'draft,published',
        ],
    ],
]);

it('keeps what was wrong with a form until its page shows it', function (): void {
    $this->actingAs(House::user('hanneke'));
    fromOneBrowser('PUT', '/house/sight', ['Referer' => url('/house')], ['open' => 'perhaps'])->assertRedirect(
        '/house',
    );
    fromOneBrowser('GET', '/pulse', OpenPage::asks())->assertOk();
    expect(fromOneBrowser('GET', '/house', OpenPage::visits())->json('props.errors'))->toHaveKey('open');
    expect(fromOneBrowser('GET', '/house', OpenPage::visits())->json('props.errors'))->toBe([]);
});

/** A request that has the session open while another does. */
function openSession(): Store
{
    $session = new Store('session', new SessionRows(DB::connection(), 'sessions', 240, app()), str_repeat('s', 40));
    $session->start();

    return $session;
}

it('does not put back what a session held before another request, which ended meanwhile', function (): void {
    openSession()->save();
    $slow = openSession();
    $quick = openSession();
    $quick->flash('done', 'Saved.');
    $quick->save();
    $slow->save();
    expect(openSession()->get('done'))->toBe('Saved.');

    $changes = openSession();
    $changes->put('more', 'of it');
    $changes->save();
    expect(openSession()->all())
        ->toMatchArray(['more' => 'of it'])
        ->not->toHaveKey('done');
});

it(
    'says of a session that is only looked at once a minute that it is used, and from where, and ends it when it ' .
        'is not',
    function (): void {
        openSession()->save();
        $used = static fn(): array => [
            DB::table('sessions')->value('last_activity') - Date::parse('2026-03-02T10:00:00Z')->getTimestamp(),
            DB::table('sessions')->value('ip_address'),
        ];
        app()->instance('request', Request::create('/', server: ['REMOTE_ADDR' => '203.0.113.9']));
        foreach (
            [
                '10:00:59' => [0, '127.0.0.1'],
                '10:01:00' => [60, '203.0.113.9'],
                '10:01:59' => [60, '203.0.113.9'],
                '14:01:00' => [14460, '203.0.113.9'],
            ]
            as $at => $expected
        ) {
            Clock::set("2026-03-02T{$at}Z");
            openSession()->save();
            expect($used())->toBe($expected);
        }
        $token = openSession()->token();
        expect(openSession()->token())->toBe($token);
        Clock::set('2026-03-02T18:01:01Z');
        expect(openSession()->token())->not->toBe($token);
    },
);

it('does not bring a session back that was ended while a request had it open', function (): void {
    openSession()->save();
    $open = openSession();
    DB::table('sessions')->delete();
    $open->put('more', 'of it');
    $open->save();
    expect(DB::table('sessions')->exists())->toBeFalse();
});
