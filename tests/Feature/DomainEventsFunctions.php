<?php

declare(strict_types=1);

use App\Models\Events\Notice;
use App\Models\Tasks\Task;
use Tests\Support\House;

/** A rule on a task that arrives, which gives it to one person. */
function givesTo(string $person, array $then = []): array
{
    return House::rule(
        'gives',
        ['all' => []],
        ['pool' => ['kind' => 'people', 'people' => [$person]], 'method' => ['kind' => 'same_person']],
        $then,
    );
}

/** @return list<string> what each is told, in order */
function told(): array
{
    return array_values(
        Notice::query()
            ->with(['person', 'other'])
            ->orderBy('at')
            ->orderBy('id')
            ->get()
            ->map(
                static fn(Notice $one): string => implode(
                    ' ',
                    array_filter([$one->person?->slug, $one->kind->value, $one->other?->slug, $one->text]),
                ),
            )
            ->all(),
    );
}
