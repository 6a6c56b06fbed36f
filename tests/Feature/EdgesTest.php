<?php

declare(strict_types=1);

use App\Logging\WithoutValues;
use App\Models\Access\SignInAttempt;
use App\Models\Tasks\Task;
use Illuminate\Database\QueryException;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
});

afterEach(function (): void {
    TrustProxies::at([]);
});

it('says with every answer what browsers are to make of it', function (string $path, int $status): void {
    $answer = $this->get($path)->assertStatus($status);
    preg_match("/nonce-([A-Za-z0-9]{40})'/", (string) $answer->headers->get('Content-Security-Policy'), $nonce);
    $answer
        ->assertHeader(
            'Content-Security-Policy',
            "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-{$nonce[1]}'; img-src 'self' data:; " .
                "font-src 'self'; connect-src 'self'; form-action 'self'; frame-ancestors 'none'; base-uri 'none'",
        )
        ->assertHeader('X-Content-Type-Options', 'nosniff')
        ->assertHeader('X-Frame-Options', 'DENY')
        ->assertHeader('Referrer-Policy', 'same-origin')
        ->assertHeader('Cross-Origin-Opener-Policy', 'same-origin')
        ->assertHeaderMissing('Strict-Transport-Security')
        ->assertHeaderMissing('X-Powered-By');
    expect((string) $answer->headers->get('Permissions-Policy'))->toContain('camera=()', 'geolocation=()');
})->with([
    'a page' => ['/sign-in', 200],
    'what is not there' => ['/nothing', 404],
    'a redirect' => ['/floor', 302],
    'an API' => ['/api/v1/tasks/x', 401],
    'the form of strangers' => ['/stand-ins/web-form', 200],
    'whether it is up' => ['/up', 200],
]);

it('has no script and no style in a page that does not bear its number', function (string $path): void {
    $html = (string) $this->actingAs(House::user('hanneke'))->get($path)->getContent();
    preg_match_all('/<script\b([^>]*)>(.*?)<\/script>/s', $html, $scripts, PREG_SET_ORDER);
    foreach ($scripts as [, $attributes, $content]) {
        expect($attributes)->toContain('src=');
        expect(trim($content))->toBe('');
    }
    preg_match_all('/<style\b([^>]*)>/', $html, $styles);
    foreach ($styles[1] as $attributes) {
        expect($attributes)->toMatch('/nonce="[A-Za-z0-9]{40}"/');
    }
    expect($html)
        ->not->toMatch('/\sstyle="/')
        ->not->toMatch('/\son[a-z]+="/')
        ->not->toMatch('#(src|href)="(https?:)?//(?!localhost|127\.0\.0\.1)#');
})->with(['/floor', '/rulebook', '/stand-ins/web-form', '/stand-ins/personnel', '/nothing']);

it('believes a proxy that it is told of, and nobody else', function (string $proxies, bool $believed): void {
    config()->set('baton.proxies', $proxies);
    TrustProxies::at($proxies === '*' ? '*' : array_values(array_filter(explode(',', $proxies))));
    config()->set('session.driver', 'database');
    $answer = $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.10'])
        ->withHeaders([
            'X-Forwarded-For' => '203.0.113.7',
            'X-Forwarded-Proto' => 'https',
            'X-Forwarded-Host' => 'evil.example',
        ])
        ->post('/sign-in', ['email' => 'ayumi@alderquill.example', 'password' => 'wrong']);
    $cookies = array_filter(
        $answer->headers->getCookies(),
        static fn($cookie): bool => $cookie->getName() === config('session.cookie'),
    );
    expect(array_values($cookies)[0]->isSecure())->toBe($believed);
    expect($answer->headers->has('Strict-Transport-Security'))->toBe($believed);
    expect(
        SignInAttempt::query()
            ->whereKey(hash('sha256', "machine\n" . ($believed ? '203.0.113.7' : '192.0.2.10')))
            ->exists(),
    )->toBeTrue();
    expect((string) $answer->headers->get('Location'))->not->toContain('evil.example');
})->with([
    'none' => ['', false],
    'another' => ['192.0.2.99', false],
    'this one' => ['192.0.2.10', true],
    'its network' => ['198.51.100.0/24,192.0.2.0/24', true],
    'all' => ['*', true],
]);

it('answers under its own names alone', function (array $hosts, string $asked, int $status): void {
    config()->set(['baton.hosts' => $hosts, 'app.url' => 'https://baton.example']);
    $this->get("http://{$asked}/up")->assertStatus($status);
    Request::setTrustedHosts([]);
})->with([
    'that of its address' => [[], 'baton.example', 200],
    'another' => [[], 'evil.example', 400],
    'one below it' => [[], 'x.baton.example', 400],
    'one of several' => [['a.example', 'b.example'], 'b.example', 200],
    'none of several' => [['a.example', 'b.example'], 'baton.example', 400],
    'as if the dot were any sign' => [['a.example'], 'aXexample', 400],
    'whatever is asked for' => [['*'], 'evil.example', 200],
]);

it('lets pages of other origins read the API only where a setting names them', function (
    string $allowed,
    ?string $told,
): void {
    config()->set('cors.allowed_origins', array_values(array_filter(explode(',', $allowed))));
    $answer = $this->withHeaders(['Origin' => 'https://shop.example'])->getJson('/api/v1/tasks/x');
    expect($answer->headers->get('Access-Control-Allow-Origin'))->toBe($told);
    expect($answer->headers->get('Access-Control-Allow-Credentials'))->toBeNull();
})->with([
    'nobody' => ['', null],
    'another' => ['https://a.example,https://b.example', null],
    'this one' => ['https://a.example,https://shop.example', 'https://shop.example'],
]);

/** What the database says where it is not there; nothing of it is asked for a while. */
function databaseGone(int $code): void
{
    $gone = new PDOException('SQLSTATE[HY000]');
    $gone->errorInfo = ['HY000', $code, 'gone'];
    DB::connection()->beforeExecuting(static fn() => throw new QueryException('mariadb', 'select 1', [], $gone));
}

it('says 503 where the database is not there, to pages, programs, forms and whatever watches over it', function (
    int $code,
): void {
    $task = House::arrive();
    $token = House::user('hanneke')->createToken('t', ['tasks:read'])->plainTextToken;
    $this->actingAs(House::user('hanneke'));
    databaseGone($code);
    $this->get('/up')->assertStatus(503)->assertSee('the database is not there');
    $this->get("/tasks/{$task->id}?x=1")
        ->assertStatus(503)
        ->assertHeader('Retry-After', '5')
        ->assertSee('<meta http-equiv="refresh" content="5">', false)
        ->assertSee('Nothing was changed.');
    // A page that is open stays: what answers it is no page.
    $this->get('/rulebook', ['X-Inertia' => 'true'])
        ->assertStatus(503)
        ->assertHeaderMissing('X-Inertia')
        ->assertHeader('Content-Type', 'application/problem+json');
    $this->getJson("/api/v1/tasks/{$task->id}", ['Authorization' => "Bearer {$token}"])
        ->assertStatus(503)
        ->assertHeader('Retry-After', '5')
        ->assertJsonPath('type', 'https://openbaton.example/problems/closed');
    $this->post('/stand-ins/web-form', [
        'title' => 'Harp "with" <a heron>',
        'kind' => 'bench-repair',
        'password' => 'secret',
    ])
        ->assertStatus(503)
        ->assertSee('<form method="post" action="/stand-ins/web-form">', false)
        ->assertSee('value="Harp &quot;with&quot; &lt;a heron&gt;"', false)
        ->assertDontSee('secret');
})->with([
    'not reachable' => 2002,
    'gone away' => 2006,
    'too many connections' => 1040,
    'the disk is full' => 1021,
    'a deadlock' => 1213,
    'only to be read' => 1290,
]);

it('calls a fault of its own a fault', function (): void {
    databaseGone(1054);
    $this->get('/stand-ins/web-form')->assertStatus(500);
});

it('logs what the database refuses without what was meant for it', function (): void {
    Route::get('refused', static fn() => Task::query()->where('no_such_column', 'Ada Lovelace, 01 234 567')->get());
    Log::spy();
    $this->get('/refused')->assertStatus(500)->assertDontSee('Ada');
    Log::shouldHaveReceived('error')
        ->once()
        ->withArgs(static function (string $message, array $context): bool {
            return $message === 'The database has refused a statement.' &&
                $context['code'] === 1054 &&
                str_contains($context['statement'], '`no_such_column` = ?') &&
                !str_contains((string) json_encode($context), 'Ada');
        });
});

it('tells administrators what the background could not do without the values that it was about', function (): void {
    $error = new QueryException('mariadb', 'update tasks set contact = ?', ['Ada Lovelace'], new PDOException('no'));
    expect($error->getMessage())->toContain('Ada');
    expect(WithoutValues::said($error))->toBe('the database has refused update tasks set contact = ?');
    expect(WithoutValues::said(new RuntimeException('No room.')))->toBe('No room.');
});
