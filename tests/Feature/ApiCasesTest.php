<?php

declare(strict_types=1);

use App\Models\Access\TokenAbility;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Comment;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

/**
 * @param array<string, mixed>  $body
 * @param array<string, string> $headers
 */
function caseApi(
    mixed $test,
    string $method,
    string $path,
    array $body = [],
    array $headers = [],
    string $who = 'hanneke',
): TestResponse {
    app('auth')->forgetGuards();
    app()->forgetScopedInstances();
    static $tokens = [];
    static $number = 0;
    $key = spl_object_id($test) . $who;
    $tokens[$key] ??= House::user($who)->createToken('t', [
        TokenAbility::ReadCases->value,
        TokenAbility::WorkCases->value,
    ])->plainTextToken;
    $sent = ['Authorization' => "Bearer {$tokens[$key]}", 'Idempotency-Key' => 'request-' . ++$number];

    return $test->json($method, "/api/v1/cases{$path}", $body, $headers + $sent);
}

it('opens one once under its key, and refuses the key for another', function (): void {
    Cases::track();
    $asked = ['track' => 'hire', 'title' => 'Forty clarinets', 'customer' => 'holms-school', 'owner' => 'femi'];
    $key = ['Idempotency-Key' => 'forty-clarinets'];
    $made = caseApi($this, 'POST', '', $asked, $key)->assertCreated();
    $again = caseApi($this, 'POST', '', $asked, $key)->assertOk()->assertHeader('Idempotent-Replayed', 'true');
    expect([$again->json('id'), CustomerCase::query()->count()])->toBe([$made->json('id'), 1]);
    expect($made->json())->toMatchArray([
        'title' => 'Forty clarinets',
        'track' => 'hire',
        'stage' => 'enquiry',
        'customer' => 'holms-school',
        'owner' => 'femi',
        'open' => true,
        'stays' => [['stage' => 'enquiry', 'entered' => '2026-03-02T10:00:00Z', 'left' => null, 'reason' => null]],
    ]);
    caseApi($this, 'POST', '', ['title' => 'Other'] + $asked, $key)->assertUnprocessable();
    caseApi($this, 'POST', '', ['track' => 'none'] + $asked)
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/track');
    expect(CustomerCase::query()->count())->toBe(1);
});

it('moves one as it was read: not a stale one, not without saying which, not through a closed gate', function (): void {
    $case = Cases::open(['owner' => 'femi']);
    $at = static fn(int $revision): array => ['If-Match' => "\"{$revision}\""];
    caseApi($this, 'POST', "/{$case->id}/move", ['to' => 'fitting'])->assertStatus(428);
    caseApi($this, 'POST', "/{$case->id}/move", ['to' => 'fitting'], $at(99))->assertStatus(412);
    $moved = caseApi($this, 'POST', "/{$case->id}/move", ['to' => 'fitting'], $at(1))->assertOk();
    expect([$moved->json('stage'), $moved->headers->get('ETag')])->toBe(['fitting', '"2"']);
    // Femi leads nothing: the gate that asks for the terms stays closed to her, and to her reason.
    $refused = caseApi($this, 'POST', "/{$case->id}/move", ['to' => 'on-hire', 'reason' => 'Soon'], $at(2), 'femi');
    expect([$refused->status(), $case->refresh()->stage])->toBe([409, 'fitting']);
    caseApi(
        $this,
        'PATCH',
        "/{$case->id}",
        ['set' => ['tags' => ['rush'], 'title' => 'Two']],
        $at(2),
        'femi',
    )->assertOk();
    caseApi($this, 'POST', "/{$case->id}/comments", ['body' => 'They rang.'], who: 'femi')->assertOk();
    expect([$case->refresh()->tagList(), $case->title, Comment::query()->sole()->case_id])->toBe([
        ['rush'],
        'Two',
        $case->id,
    ]);
});

it('shows a program what its owner sees, by pages that hold', function (): void {
    $cases = [];
    foreach (['femi', 'femi', 'callum', null, 'femi'] as $place => $owner) {
        $cases[] = Cases::open(['title' => "C{$place}", 'owner' => $owner]);
    }
    $titles = static fn(TestResponse $answer): array => array_column($answer->assertOk()->json('cases'), 'title');
    $first = caseApi($this, 'GET', '?limit=2&sort=number');
    expect($titles($first))->toBe(['C0', 'C1']);
    Cases::open(['title' => 'C5', 'owner' => 'femi']);
    $next = $first->json('next');
    expect($titles(caseApi($this, 'GET', "?limit=2&sort=number&cursor={$next}")))->toBe(['C2', 'C3']);
    expect($titles(caseApi($this, 'GET', '?owner=me&sort=number', who: 'femi')))->toBe(['C0', 'C1', 'C4', 'C5']);
    expect($titles(caseApi($this, 'GET', '?owner=nobody')))->toBe(['C3']);
    expect($titles(caseApi($this, 'GET', '?q=C4')))->toBe(['C4']);
    caseApi($this, 'GET', '?cursor=abc')->assertUnprocessable();
    caseApi($this, 'GET', "/{$cases[0]->id}", who: 'tobias')->assertForbidden();
    expect($titles(caseApi($this, 'GET', '', who: 'tobias')))->toBe([]);
    $tag = caseApi($this, 'GET', "/{$cases[0]->id}")
        ->assertOk()
        ->headers->get('ETag');
    caseApi($this, 'GET', "/{$cases[0]->id}", headers: ['If-None-Match' => (string) $tag])->assertStatus(304);
});

it('asks as much for many as for few', function (): void {
    $queries = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        caseApi($this, 'GET', '?limit=200')->assertOk();

        return count(DB::getQueryLog());
    };
    Cases::open(['owner' => 'femi', 'customer' => 'holms-school']);
    $queries();
    $few = $queries();
    for ($number = 0; $number < 8; ++$number) {
        Cases::open(['owner' => 'callum', 'customer' => 'holms-school']);
    }
    expect($queries())->toBe($few);
});
