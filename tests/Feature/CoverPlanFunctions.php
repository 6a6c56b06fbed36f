<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Access\Actor;
use App\Models\Absences\Absence;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Absence\AbsenceKind;
use Tests\Support\Clock;
use Tests\Support\House;

/** @param list<string> $substitutes */
function absence(string $person, string $first, string $last, array $substitutes, bool $approved = false): Absence
{
    app()->forgetScopedInstances();

    return app(AskAbsence::class)->__invoke(
        House::person($person),
        new AbsenceTerms(AbsenceKind::Leave, $first, $last, substitutes: $substitutes),
        $approved,
        Actor::user(House::user('hanneke')),
    );
}

/** Callum's, due on a day at noon, and too long to be finished before. */
function callums(string $day, string $title = 'Horn', string $kind = 'quote'): Task
{
    $task = House::arrive($kind, title: $title);
    $task->update([
        'assignee_id' => House::person('callum')->id,
        'due_at' => CarbonImmutable::parse("{$day}T12:00:00Z"),
        'estimate_minutes' => 4800,
    ]);

    return $task;
}

/** @return array<string, mixed> the props of a page */
function coverProps(TestResponse $page): array
{
    return $page->assertOk()->viewData('page')['props'];
}

/** @param array<string, mixed> $props of the page, as "title: who, why" */
function lines(array $props): array
{
    return array_map(
        static fn(array $line): string => "{$line['task']['title']}: " .
            ($line['to']['slug'] ?? ($line['gap'] ? 'nobody' : 'stays')) .
            ", {$line['reason']}" .
            implode('', array_map(static fn(string $one): string => "; {$one}", $line['warnings'])),
        $props['plan']['lines'],
    );
}

function as_(mixed $test, string $who): mixed
{
    app()->forgetScopedInstances();

    return $test->actingAs(House::user($who));
}

/** The house of these tests. */
function beginCoverPlan(): void
{
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        [
            'id' => 'his',
            'name' => 'His own',
            'when' => [['kind' => 'task_arrives']],
            'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            'give' => ['pool' => ['kind' => 'people', 'people' => ['callum']], 'method' => ['kind' => 'same_person']],
        ],
        [
            'id' => 'round',
            'name' => 'Round the bench',
            'when' => [['kind' => 'task_arrives']],
            'if' => ['all' => []],
            'give' => [
                'pool' => ['kind' => 'people', 'people' => ['callum', 'ayumi']],
                'method' => ['kind' => 'in_order'],
                'limits' => [['kind' => 'skill_at_least', 'skill' => 'brass', 'level' => 1]],
                'otherwise' => ['kind' => 'person', 'person' => 'callum'],
            ],
        ],
    );
}
