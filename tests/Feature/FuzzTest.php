<?php

declare(strict_types=1);

use App\Models\Access\Role;
use App\Models\Access\TokenAbility;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\Fuzz;
use Tests\Support\House;
use Tests\Support\RightRequests;

/** What has no right request here: what it needs is a secret, a signature, a file, or made by rules that go wrong. */
const NOT_TRIED = [
    'GET stand-ins/personnel.ics',
    'GET calendar/{secret}.ics',
    'POST guides/pictures',
    'POST tasks/{task}/files',
    'POST cases/{case}/files',
    'GET cases/{case}/files/{file}',
    'POST tasks/{task}/moments',
    'PUT levellings/{levelling}/moves',
    'POST levellings/{levelling}/apply',
    'POST levellings/{levelling}/undo',
    'POST api/v1/tasks/{task}/files',
    'GET api/v1/tasks/{task}/files/{file}',
    'POST api/v1/tasks/{task}/tick',
    'POST api/v1/absences/{absence}/end',
    'GET tasks/{task}/files/{file}',
    'POST cuts/{cut}/seen',
    'POST tasks/{task}/press/{rule}',
    'POST tasks/{task}/tick',
    'DELETE roster/{list}/{slug}',
    'DELETE places/{place}',
    'POST absences/{absence}/hand-over',
    'POST sign-in',
    'GET sign-in',
    'GET pulse',
];

/** Each with a hostile value or two; more of them with FUZZ in the environment. */
function tries(): int
{
    return (int) (getenv('FUZZ') ?: 8);
}

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    Http::fake(['*' => Http::response('')]);
    $this->withoutMiddleware(ThrottleRequests::class);
    $this->lead = tap(House::user('hanneke'))->syncRoles([Role::Lead->value, Role::Administrator->value]);
    $this->right = new RightRequests();
    $this->token = $this->lead->createToken('fuzz', array_column(TokenAbility::cases(), 'value'))->plainTextToken;
});

/** @param array<string, mixed>|string $body */
function fuzzed(
    mixed $test,
    Route $route,
    string $url,
    array|string $body,
    bool $asJson = true,
    string $key = 'key-00001',
): TestResponse {
    app()->forgetScopedInstances();
    $method = $route->methods()[0];
    $content = is_string($body)
        ? $body
        : ($asJson && $method !== 'GET'
            ? (string) json_encode($body, JSON_INVALID_UTF8_IGNORE)
            : null);
    $headers = [
        'HTTP_ACCEPT' => $asJson ? 'application/json' : 'text/html',
        'HTTP_IDEMPOTENCY_KEY' => $key,
        ...$test->right->cases->seen($route),
        ...$method === 'PATCH' && str_contains($url, '/tasks/') ? ['HTTP_IF_MATCH' => '"1"'] : [],
        'HTTP_REFERER' => $key,
    ];
    if (str_starts_with($route->uri(), 'api/')) {
        $headers['HTTP_AUTHORIZATION'] = "Bearer {$test->token}";
    } else {
        $test->actingAs($test->lead);
    }

    return $test->call(
        $method,
        $url,
        is_array($body) && $content === null ? $body : [],
        [],
        [],
        $headers + ($content === null ? [] : ['CONTENT_TYPE' => is_string($body) ? 'text/plain' : 'application/json']),
        $content,
    );
}

/** @return array<string, string> a sum of the rows of every table that requests write */
function tablesNow(): array
{
    $sums = [];
    foreach (
        DB::select(
            'CHECKSUM TABLE ' .
                implode(
                    ', ',
                    array_map(static fn(string $table): string => "`{$table}`", [
                        'tasks',
                        'cases',
                        'tracks',
                        'duties',
                        'duty_dates',
                        'people',
                        'teams',
                        'team_members',
                        'skills',
                        'places',
                        'absences',
                        'absence_substitutes',
                        'calendar_entries',
                        'fields',
                        'task_kinds',
                        'checklists',
                        'customers',
                        'rulebook_versions',
                        'task_changes',
                        'handoffs',
                        'decisions',
                        'comments',
                        'activity_log',
                        'stand_in_events',
                        'users',
                        'invitations',
                        'houses',
                    ]),
                ),
        )
        as $row
    ) {
        $row = (array) $row;
        $sums[(string) $row['Table']] = (string) $row['Checksum'];
    }

    return $sums;
}

it('takes a right request for each route', function (): void {
    $refused = [];
    foreach (Fuzz::routes() as $route) {
        $name = $route->methods()[0] . ' ' . $route->uri();
        if (in_array($name, NOT_TRIED, true)) {
            continue;
        }
        DB::beginTransaction();
        $answer = fuzzed(
            $this,
            $route,
            (new Fuzz(0))->path(
                $route->uri(),
                fn(string $one): string => $this->right->id($route, $one),
                spoil: false,
            ) . $this->right->query($route),
            $this->right->body($route),
        );
        DB::rollBack();
        Cache::flush();
        if ($answer->getStatusCode() >= 400) {
            $refused[$name] = $answer->getStatusCode() . ' ' . mb_substr((string) $answer->getContent(), 0, 300);
        }
    }
    expect($refused)->toBe([]);
});

it('answers whatever is sent without failing, and changes nothing of what it refuses', function (int $seed): void {
    $failed = [];
    $refused = 0;
    $slowest = ['', 0.0];
    foreach (Fuzz::routes() as $route) {
        $fuzz = new Fuzz(crc32($route->uri()) + $seed);
        for ($try = 0; $try < tries(); ++$try) {
            $url =
                $fuzz->path(
                    $route->uri(),
                    fn(string $one): string => $this->right->id($route, $one),
                    spoil: $try % 4 === 3,
                ) . $this->right->query($route);
            $right = $this->right->body($route);
            $body = $fuzz->spoil(is_array($right) ? $right + Fuzz::known($route) + Fuzz::documented($route) : $right);
            $key = $fuzz->hostile();
            DB::beginTransaction();
            $before = tablesNow();
            $began = hrtime(true);
            $answer = fuzzed(
                $this,
                $route,
                $url,
                $body,
                asJson: $try % 2 === 0,
                key: is_string($key) ? $key : 'key-00002',
            );
            $seconds = (hrtime(true) - $began) / 1e9;
            $name =
                $route->methods()[0] .
                ' ' .
                $url .
                ' ' .
                mb_substr(
                    (string) json_encode($body, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR),
                    0,
                    400,
                );
            $slowest = $seconds > $slowest[1] ? [$name, $seconds] : $slowest;
            if ($answer->getStatusCode() >= 500) {
                $failed[] = "{$name}: " . get_debug_type($answer->exception) . ' ' . $answer->exception?->getMessage();
            }
            if ($answer->getStatusCode() >= 400) {
                ++$refused;
                if (tablesNow() !== $before) {
                    $failed[] = "{$name}: refused, and yet something has changed";
                }
            }
            DB::rollBack();
            Cache::flush();
        }
    }
    expect($failed)->toBe([]);
    expect($refused)->toBeGreaterThan(100);
    // Times are looked at by bin/baton fuzz alone: a test run shares its machine.
    if (getenv('FUZZ') !== false) {
        fwrite(
            STDERR,
            sprintf("\nThe slowest answer took %.0f ms: %s\n", $slowest[1] * 1000, mb_substr($slowest[0], 0, 160)),
        );
        expect($slowest[1])->toBeLessThan(1.0, $slowest[0]);
    }
})->with([1, 2]);
