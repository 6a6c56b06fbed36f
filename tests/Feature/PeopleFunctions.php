<?php

declare(strict_types=1);

use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;

/** @param array<string, mixed> $data */
function roster(mixed $test, string $method, string $url, array $data = [], string $who = 'hanneke'): TestResponse
{
    app()->forgetScopedInstances();

    return $test->actingAs(House::user($who))->json($method, $url, $data);
}

/** @return array<string, mixed> */
function peopleProps(mixed $test, string $query = ''): array
{
    app()->forgetScopedInstances();

    return $test
        ->actingAs(House::user('hanneke'))
        ->get("/people{$query}")
        ->assertOk()
        ->viewData('page')['props'];
}

/** The house of these tests. */
function beginPeople(): void
{
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'brass',
            ['all' => []],
            [
                'pool' => ['kind' => 'skill', 'skill' => 'brass', 'level' => 1],
                'method' => ['kind' => 'in_order'],
                'limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 5]],
            ],
        ),
    );
}
