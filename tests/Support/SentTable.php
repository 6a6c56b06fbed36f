<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Testing\TestResponse;

/** A table or cards as a lead sends them, and what is told of each line. */
final class SentTable
{
    public static function to(mixed $test, string $what, string $table): TestResponse
    {
        app()->forgetScopedInstances();
        $headers = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/octet-stream'];

        return $test->actingAs(House::user('hanneke'))->call('POST', "/imports/{$what}", [], [], [], $headers, $table);
    }

    /** @return list<string> what each line does, or what is wrong with it */
    public static function lines(TestResponse $response): array
    {
        return array_map(
            static fn(array $one): string => "{$one['line']} {$one['what']}" .
                implode(
                    '',
                    array_map(static fn(array $fault): string => " {$fault['at']}: {$fault['said']}", $one['faults']),
                ),
            $response->assertOk()->json('lines'),
        );
    }
}
