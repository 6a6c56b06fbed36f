<?php

declare(strict_types=1);

use Illuminate\Testing\TestResponse;

/**
 * @param array<string, mixed>  $body
 * @param array<string, string> $headers
 */
function send(mixed $test, array $body, array $headers = []): TestResponse
{
    return $test->postJson(
        '/api/v1/tasks',
        $body,
        $headers + ['Authorization' => "Bearer {$test->token}", 'Idempotency-Key' => 'key-00001'],
    );
}
