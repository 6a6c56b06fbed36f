<?php

declare(strict_types=1);

// The house and the rulebook of which the core alone is measured.

/** @return array<string, mixed> 200 people in 20 teams of 10, each with two of ten skills, a tenth of them away */
function rosterDocument(): array
{
    $people = $teams = $absences = [];
    for ($number = 0; $number < 200; ++$number) {
        $people[] = [
            'id' => "p{$number}",
            'name' => "Person {$number}",
            'skills' => ['s' . $number % 10 => 1 + ($number % 3), 's' . ($number + 3) % 10 => 2],
        ];
        if ($number % 10 === 3) {
            $absences[] = [
                'id' => "a{$number}",
                'person' => "p{$number}",
                'first' => '2026-03-02',
                'last' => '2026-03-06',
                'status' => 'approved',
            ];
        }
    }
    for ($team = 0; $team < 20; ++$team) {
        $members = [];
        for ($seat = 0; $seat < 10; ++$seat) {
            $members[] = ['person' => 'p' . ($team * 10 + $seat), 'weight' => $seat === 9 ? 50 : 100];
        }
        $teams[] = ['id' => "t{$team}", 'name' => "Team {$team}", 'members' => $members];
    }
    $week =
        ['from' => '2020-01-01'] + array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], ['09:00-13:00', '13:30-17:30']);

    return [
        'openbaton' => 'roster/1',
        'house' => ['zone' => 'Europe/Dublin', 'hours' => [$week]],
        'skills' => array_map(static fn(int $id): array => ['id' => "s{$id}", 'name' => "Skill {$id}"], range(0, 9)),
        'people' => $people,
        'teams' => $teams,
        'absences' => $absences,
    ];
}

/**
 * @return array<string, mixed> each rule for one site of so many, of one kind and tier, by one of three methods within
 *     a limit of open tasks; a last one takes the rest
 */
function rulebookDocument(int $rules): array
{
    $list = [];
    for ($number = 0; $number < $rules - 1; ++$number) {
        $list[] = [
            'id' => "r{$number}",
            'name' => "Rule {$number}",
            'when' => [['kind' => 'task_arrives']],
            'if' => [
                'all' => [
                    ['field' => 'task.kind', 'op' => 'is', 'value' => 'k' . $number % KINDS],
                    ['field' => 'customer.site', 'op' => 'is', 'value' => 'site' . intdiv($number, 4)],
                    [
                        'field' => 'customer.tier',
                        'op' => 'one_of',
                        'value' => [TIERS[$number % 3], TIERS[($number + 1) % 3]],
                    ],
                    ['field' => 'task.value', 'op' => 'at_least', 'value' => ($number % 5) * 20],
                ],
            ],
            'give' => [
                'pool' => ['kind' => 'team', 'team' => 't' . $number % 20],
                'method' => match ($number % 3) {
                    0 => ['kind' => 'round_robin', 'rotation' => 'ring' . $number % 20],
                    1 => ['kind' => 'lightest_load'],
                    default => ['kind' => 'in_order'],
                },
                'limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 60]],
            ],
            'then' => [['kind' => 'due_in', 'after' => 'PT8H']],
        ];
    }
    $list[] = [
        'id' => 'rest',
        'name' => 'The rest',
        'when' => [['kind' => 'task_arrives']],
        'give' => [
            'pool' => ['kind' => 'team', 'team' => 't0'],
            'method' => ['kind' => 'round_robin', 'rotation' => 'rest'],
        ],
    ];

    return [
        'openbaton' => 'rulebook/2',
        'fields' => [
            [
                'path' => 'task.kind',
                'label' => 'Kind',
                'type' => 'one_of',
                'options' => array_map(
                    static fn(int $kind): array => ['value' => "k{$kind}", 'label' => "Kind {$kind}"],
                    range(0, KINDS - 1),
                ),
            ],
            ['path' => 'customer.site', 'label' => 'Site', 'type' => 'text'],
            [
                'path' => 'customer.tier',
                'label' => 'Tier',
                'type' => 'one_of',
                'options' => array_map(static fn(string $tier): array => ['value' => $tier, 'label' => $tier], TIERS),
            ],
            ['path' => 'task.value', 'label' => 'Value', 'type' => 'money'],
        ],
        'rules' => $list,
    ];
}
