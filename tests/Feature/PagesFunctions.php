<?php

declare(strict_types=1);

use Tests\Support\House;

/** @return array<string, mixed> */
function propsOf(mixed $test, string $who, string $url): array
{
    return $test->actingAs(House::user($who))->get($url)->assertOk()->viewData('page')['props'];
}

/** The house of these tests. */
function beginPages(): void
{
    House::open([
        [
            'id' => 'away',
            'person' => 'callum',
            'from' => now()->subDay()->format('Y-m-d\TH:i:s\Z'),
            'to' => now()->addDays(2)->format('Y-m-d\TH:i:s\Z'),
            'status' => 'approved',
            'substitutes' => ['femi'],
        ],
    ]);
    House::publish(
        House::roundRule(),
        House::rule(
            'rework',
            ['field' => 'task.repaired_by', 'op' => 'is_filled'],
            ['pool' => ['kind' => 'field', 'field' => 'task.repaired_by'], 'method' => ['kind' => 'same_person']],
        ),
    );
}
