<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

/** A world document with every member that a world may have. */
final class FullWorld
{
    /** @return array<string, mixed> */
    public static function document(): array
    {
        return [
            'openbaton' => 'world/3',
            'clock' => '2026-03-02T09:00:00Z',
            'roster' => FullWorldRoster::document(),
            'rulebook' => [
                'openbaton' => 'rulebook/2',
                'fields' => self::fields(),
                'rules' => FullWorldRules::document(),
            ],
            'rotations' => [
                [
                    'name' => 'Brass bench',
                    'virtual_time' => 20_000_000,
                    'passes' => [
                        ['person' => 'femi', 'pass' => 30_000_000],
                        ['person' => 'callum', 'pass' => 21_000_000],
                    ],
                ],
            ],
            'work' => [
                [
                    'id' => 'w1',
                    'assignee' => 'ayumi',
                    'status' => 'working',
                    'priority' => 'high',
                    'created' => '2026-02-20T09:00:00Z',
                    'estimate' => 'PT3H',
                    'spent' => 'PT1H',
                    'due' => '2026-03-03T12:00:00Z',
                ],
                ['id' => 'w2', 'assignee' => 'femi', 'status' => 'waiting', 'estimate' => 'PT2H'],
                [
                    'id' => 'w3',
                    'assignee' => 'femi',
                    'status' => 'in_review',
                    'reviewer' => 'hanneke',
                    'usual_effort' => 'PT1H',
                    'remaining' => 'PT30M',
                ],
                [
                    'id' => 'w4',
                    'assignee' => 'callum',
                    'start' => '2026-03-03T09:00:00Z',
                    'due' => '2026-03-04T17:00:00Z',
                    'estimate' => 'PT1H',
                ],
                ['id' => 'w5', 'usual_effort' => 'PT1H'],
                ['id' => 'w6', 'assignee' => 'ayumi', 'status' => 'done', 'estimate' => 'PT90H'],
                ['id' => 'w7', 'assignee' => 'mirela', 'priority' => 'low', 'usual_effort' => 'PT10H'],
            ],
            'last_assigned' => ['callum' => '2026-02-27T10:00:00Z', 'ayumi' => '2026-02-26T10:00:00Z'],
            'events' => self::events(),
        ];
    }

    /**
     * The same with the ids of people, teams, skills, tasks, rules and events made of digits.
     *
     * @return array{array<string, mixed>, array<string, string>} document, and the id that each stands for
     */
    public static function ofDigits(): array
    {
        $ids = [];
        foreach (
            [
                'ayumi',
                'femi',
                'callum',
                'tobias',
                'oona',
                'greta',
                'hanneke',
                'mirela',
                'nadia',
                'workshop',
                'brass-bench',
                'reed-bench',
                'brass-skill',
                'reeds-skill',
            ]
            as $place => $id
        ) {
            $ids[$id] = (string) ($place + 101);
        }
        foreach (range(1, 10) as $number) {
            $ids["e{$number}"] = (string) (200 + $number);
            $ids["T{$number}"] = '00' . $number;
        }

        return [self::renamed(self::document(), $ids), array_flip($ids)];
    }

    /**
     * @param array<array-key, mixed> $values
     * @param array<array-key, string>   $ids
     *
     * @return array<array-key, mixed> values and keys that are ids, under their new ones
     */
    public static function renamed(array $values, array $ids): array
    {
        $renamed = [];
        foreach ($values as $key => $value) {
            $renamed[$ids[$key] ?? $key] = match (true) {
                is_array($value) => self::renamed($value, $ids),
                is_string($value) => $ids[$value] ?? $value,
                default => $value,
            };
        }

        return $renamed;
    }

    /** @return list<array<string, mixed>> */
    private static function fields(): array
    {
        return [
            [
                'path' => 'task.kind',
                'label' => 'Kind',
                'type' => 'one_of',
                'options' => [['value' => 'repair', 'label' => 'Repair'], ['value' => 'quote', 'label' => 'Quote']],
            ],
            ['path' => 'task.value', 'label' => 'Value', 'type' => 'money'],
            ['path' => 'task.rush', 'label' => 'Rush', 'type' => 'yes_no'],
            ['path' => 'task.tags', 'label' => 'Tags', 'type' => 'tags'],
            [
                'path' => 'task.parts',
                'label' => 'Parts',
                'type' => 'many_of',
                'options' => [['value' => 'valve', 'label' => 'Valve'], ['value' => 'pad', 'label' => 'Pad']],
            ],
            ['path' => 'case.owner', 'label' => 'Owner of the case', 'type' => 'person'],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function events(): array
    {
        $event = static fn(int $number, string $at, array $facts, array $task = ['estimate' => 'PT1H']): array => [
            'id' => "e{$number}",
            'kind' => 'task_arrives',
            'at' => $at,
            'task' => ['id' => "T{$number}"] + $task + ['facts' => $facts],
        ];

        return [
            [
                'id' => 'e1',
                'kind' => 'task_arrives',
                'task' => [
                    'id' => 'T1',
                    'priority' => 'low',
                    'start' => '2026-03-02T10:00:00Z',
                    'due' => '2026-03-06T12:00:00Z',
                    'usual_effort' => 'PT9H',
                    'estimate' => 'PT2H',
                    'spent' => 'PT15M',
                    'remaining' => 'PT1H',
                    'facts' => ['task.kind' => 'quote', 'case.owner' => 'femi', 'task.value' => null],
                ],
            ],
            $event(2, '2026-03-02T09:30:00Z', [
                'task.kind' => 'repair',
                'task.tags' => ['brass'],
                'task.value' => 1200.5,
            ]),
            $event(3, '2026-03-02T10:00:00Z', ['task.rush' => false]),
            $event(4, '2026-03-02T11:00:00Z', ['case.owner' => 'mirela']),
            $event(5, '2026-03-02T12:00:00Z', ['task.kind' => 'repair', 'task.parts' => ['pad', 'valve']]),
            $event(6, '2026-03-04T09:00:00Z', ['task.kind' => 'quote', 'case.owner' => 'femi']),
            $event(7, '2026-03-04T09:00:00Z', ['task.kind' => 'quote', 'case.owner' => 'oona']),
            $event(
                8,
                '2026-03-04T09:00:00Z',
                ['task.kind' => 'repair', 'task.tags' => ['brass'], 'task.rush' => true],
                ['estimate' => 'PT60H'],
            ),
            $event(9, '2026-03-16T14:00:00Z', ['case.owner' => 'tobias']),
            $event(10, '2026-07-01T09:00:00Z', ['task.kind' => 'quote', 'case.owner' => 'femi']),
        ];
    }
}
