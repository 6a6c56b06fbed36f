<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

/** The people of the world with every member. */
final class FullWorldRoster
{
    private const WEEK = [
        'mon' => ['09:00-17:00'],
        'tue' => ['09:00-17:00'],
        'wed' => ['09:00-17:00'],
        'thu' => ['09:00-17:00'],
        'fri' => ['09:00-17:00'],
    ];

    private const SHORT_WEEK = [
        'mon' => ['08:00-12:00', '13:00-15:00'],
        'tue' => ['08:00-12:00', '13:00-15:00'],
        'wed' => ['08:00-12:00', '13:00-15:00'],
        'thu' => ['08:00-12:00', '13:00-15:00'],
        'fri' => ['08:00-12:00', '13:00-15:00'],
    ];

    private const LATE_WEEK = [
        'mon' => ['10:00-18:00'],
        'tue' => ['10:00-18:00'],
        'wed' => ['10:00-18:00'],
        'thu' => ['10:00-18:00'],
        'fri' => ['10:00-18:00'],
    ];

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return [
            'openbaton' => 'roster/1',
            'house' => [
                'zone' => 'Europe/Dublin',
                'hours' => [['from' => '2020-01-01'] + self::WEEK, ['from' => '2026-03-05'] + self::SHORT_WEEK],
                'holidays' => ['2026-03-17'],
                'exceptions' => [['date' => '2026-03-03', 'add' => ['18:00-19:00'], 'remove' => ['09:00-10:00']]],
            ],
            'skills' => [['id' => 'brass-skill', 'name' => 'Brass'], ['id' => 'reeds-skill', 'name' => 'Reeds']],
            'people' => [
                [
                    'id' => 'ayumi',
                    'name' => 'Ayumi Kato',
                    'zone' => 'Europe/London',
                    'capacity' => ['percent' => 100],
                    'skills' => ['brass-skill' => 3],
                    'hours' => [['from' => '2020-01-01'] + self::LATE_WEEK],
                    'holidays' => ['2026-03-03'],
                    'exceptions' => [['date' => '2026-03-04', 'add' => ['19:00-21:00'], 'remove' => ['10:00-12:00']]],
                ],
                [
                    'id' => 'femi',
                    'name' => 'Femi Adeyinka',
                    'capacity' => ['minutes_a_day' => 240],
                    'skills' => ['brass-skill' => 2, 'reeds-skill' => 1],
                    'from' => '2026-01-01',
                    'until' => '2026-06-30',
                ],
                [
                    'id' => 'callum',
                    'name' => 'Callum Rees',
                    'skills' => ['brass-skill' => 3],
                    'intake_paused_until' => '2026-03-02T12:00:00Z',
                ],
                [
                    'id' => 'tobias',
                    'name' => 'Tobias Lindqvist',
                    'skills' => ['reeds-skill' => 2],
                    'intake_paused_until' => 'further_notice',
                ],
                ['id' => 'oona', 'name' => 'Oona Virtanen', 'active' => false],
                ['id' => 'greta', 'name' => 'Greta Sommer', 'skills' => ['brass-skill' => 1], 'until' => '2026-03-02'],
                ['id' => 'hanneke', 'name' => 'Hanneke de Wit', 'active' => true],
                ['id' => 'mirela', 'name' => 'Mirela Popa', 'zone' => 'Europe/Bucharest'],
                ['id' => 'nadia', 'name' => 'Nadia Farouk', 'from' => '2026-03-10'],
            ],
            'teams' => [
                ['id' => 'workshop', 'name' => 'Workshop', 'lead' => 'hanneke', 'members' => []],
                [
                    'id' => 'brass-bench',
                    'name' => 'Brass bench',
                    'parent' => 'workshop',
                    'lead' => 'ayumi',
                    'members' => [
                        ['person' => 'ayumi'],
                        ['person' => 'femi', 'weight' => 50],
                        ['person' => 'callum', 'weight' => 100],
                        ['person' => 'greta'],
                    ],
                ],
                [
                    'id' => 'reed-bench',
                    'name' => 'Reed bench',
                    'parent' => 'workshop',
                    'members' => [['person' => 'tobias'], ['person' => 'mirela'], ['person' => 'nadia']],
                ],
            ],
            'absences' => [
                [
                    'id' => 'a1',
                    'person' => 'femi',
                    'first' => '2026-03-04',
                    'last' => '2026-03-05',
                    'status' => 'approved',
                    'substitutes' => ['tobias', 'callum'],
                ],
                [
                    'id' => 'a2',
                    'person' => 'ayumi',
                    'from' => '2026-03-02T14:00:00Z',
                    'to' => '2026-03-02T16:00:00Z',
                    'status' => 'approved',
                ],
                [
                    'id' => 'a3',
                    'person' => 'mirela',
                    'first' => '2026-03-02',
                    'last' => '2026-03-06',
                    'status' => 'asked',
                ],
                [
                    'id' => 'a4',
                    'person' => 'femi',
                    'first' => '2026-03-02',
                    'last' => '2026-03-03',
                    'status' => 'cancelled',
                    'substitutes' => [],
                ],
            ],
        ];
    }
}
