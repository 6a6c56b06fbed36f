<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** What goes to the office: enquiries, tuning, claims, and what is left. */
final class DemoOfficeRules
{
    /** @return list<array<string, mixed>|null> */
    public static function version(int $version): array
    {
        return [
            self::language('irish', 'Irish'),
            $version < 2 ? null : self::language('finnish', 'Finnish'),
            DemoRule::rule(
                'enquiries-lightest',
                'Other enquiries, quotes and fittings go to the lightest load in Enquiries',
                [
                    'field' => 'task.kind',
                    'op' => 'one_of',
                    'value' => ['call-back', 'quote', 'fitting'],
                ],
                DemoRule::give(DemoRule::team('enquiries'), ['kind' => 'lightest_load']),
                [['kind' => 'due_in', 'after' => 'PT12H', 'hours_of' => 'house']],
            ),
            DemoRule::rule(
                'tuning-district',
                'Tuning visits go to the responsible person of the district',
                DemoRule::is('task.kind', 'tuning-visit'),
                DemoRule::give(['kind' => 'field', 'field' => 'district.responsible'], ['kind' => 'same_person']),
                [['kind' => 'due_in', 'after' => 'P10D', 'hours_of' => 'house']],
            ),
            DemoRule::rule(
                'claims-in-order',
                'Insurer claims: Hugo first, then Sunniva',
                ['field' => 'task.kind', 'op' => 'one_of', 'value' => ['insurer-claim', 'invoice']],
                DemoRule::give(
                    ['kind' => 'people', 'people' => ['hugo-lemaire', 'sunniva-aas']],
                    ['kind' => 'in_order'],
                    [['kind' => 'load_ratio_at_most', 'percent' => 60]],
                    ['kind' => 'person', 'person' => 'sunniva-aas'],
                ),
                [['kind' => 'due_in', 'after' => 'P4D', 'hours_of' => 'house']],
            ),
            $version < 3
                ? null
                : DemoRule::rule(
                    'islands-rehair',
                    'Bow rehair for the Islands',
                    [
                        'all' => [
                            DemoRule::is('task.kind', 'bench-repair'),
                            DemoRule::is('customer.region', 'islands'),
                            DemoRule::is('task.family', 'strings'),
                            ['field' => 'task.title', 'op' => 'contains', 'value' => 'rehair'],
                        ],
                    ],
                    DemoRule::give(
                        ['kind' => 'skill', 'skill' => 'bow-rehair', 'level' => 2],
                        ['kind' => 'round_robin', 'rotation' => 'Bow rehair'],
                    ),
                ),
            DemoRule::rule(
                'anything-else',
                'Anything else is open to Enquiries to claim',
                null,
                DemoRule::give(DemoRule::team('enquiries'), ['kind' => 'open']),
                [['kind' => 'due_in', 'after' => 'P3D', 'hours_of' => 'house']],
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function language(string $language, string $name): array
    {
        return DemoRule::rule(
            "enquiries-{$language}",
            "Enquiries in {$name} go round those who speak it",
            [
                'all' => [
                    ['field' => 'task.kind', 'op' => 'one_of', 'value' => ['call-back', 'quote']],
                    DemoRule::is('task.language', $language),
                ],
            ],
            DemoRule::give(
                DemoRule::team('enquiries'),
                ['kind' => 'round_robin', 'rotation' => "Enquiries in {$name}"],
                [['kind' => 'skill_at_least', 'skill' => $language, 'level' => 2]],
            ),
            [['kind' => 'due_in', 'after' => 'PT12H', 'hours_of' => 'house']],
        );
    }
}
