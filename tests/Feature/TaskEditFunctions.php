<?php

declare(strict_types=1);

use Illuminate\Testing\TestResponse;
use Tests\Support\House;

/** @return array<string, mixed> the values of the fields, by path */
function fieldsOf(mixed $test, string $who = 'ayumi'): array
{
    return array_column(
        $test
            ->actingAs(House::user($who))
            ->getJson("/tasks/{$test->task->id}/fields")
            ->assertOk()
            ->json('fields'),
        'value',
        'path',
    );
}

/** @param array<string, mixed> $set */
function setFields(mixed $test, array $seen, array $set, string $who = 'ayumi'): TestResponse
{
    return $test
        ->actingAs(House::user($who))
        ->putJson("/tasks/{$test->task->id}/fields", ['seen' => array_intersect_key($seen, $set), 'set' => $set]);
}
