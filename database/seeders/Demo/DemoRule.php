<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** Parts of rules as they stand in the file. */
final class DemoRule
{
    /**
     * @param array<string, mixed>|null  $if
     * @param array<string, mixed>|null  $give
     * @param list<array<string, mixed>> $then
     *
     * @return array<string, mixed>
     */
    public static function rule(string $id, string $name, ?array $if, ?array $give, array $then = []): array
    {
        return array_filter(
            [
                'id' => $id,
                'name' => $name,
                'active' => true,
                'when' => [['kind' => 'task_arrives']],
                'if' => $if ?? ['all' => []],
                'give' => $give,
                'then' => $then,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /**
     * @param array<string, mixed>       $pool
     * @param array<string, mixed>       $method
     * @param list<array<string, mixed>> $limits
     * @param array<string, mixed>       $otherwise
     *
     * @return array<string, mixed>
     */
    public static function give(
        array $pool,
        array $method,
        array $limits = [],
        array $otherwise = ['kind' => 'next_rule'],
    ): array {
        return ['pool' => $pool, 'method' => $method, 'limits' => $limits, 'otherwise' => $otherwise];
    }

    /** @return array<string, mixed> */
    public static function team(string $team): array
    {
        return ['kind' => 'team', 'team' => $team, 'with_sub_teams' => false, 'with_lead' => true];
    }

    /** @return array<string, mixed> */
    public static function is(string $field, string|bool $value): array
    {
        return ['field' => $field, 'op' => 'is', 'value' => $value];
    }
}
