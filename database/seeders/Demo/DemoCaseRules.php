<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** Rules about the cases on the tracks of Alder & Quill. */
final class DemoCaseRules
{
    /** @return list<array<string, mixed>> */
    public static function rules(): array
    {
        return [
            self::owner('hire', 'A new hire is whoever’s in Enquiries has least to do', DemoRule::team('enquiries')),
            self::owner('repair', 'A new repair is owned by somebody of Quality', DemoRule::team('quality')),
            self::owner('tuning', 'A new tuning contract is owned by somebody in the Field', DemoRule::team('field')),
            [
                'id' => 'fitting-agreed',
                'name' => 'When a fitting is agreed, move to Fitting',
                'active' => true,
                'when' => [
                    [
                        'kind' => 'field_changes',
                        'change' => ['field' => 'case.fitting_on', 'how' => 'filled'],
                        'of' => 'case',
                    ],
                ],
                'if' => ['all' => [DemoRule::is('case.track', 'hire')]],
                'then' => [['kind' => 'move_stage', 'stage' => 'hire.fitting']],
            ],
            [
                'id' => 'fitting-work',
                'name' => 'At Fitting: the fitting, and the paper work',
                'active' => true,
                'when' => [['kind' => 'stage_becomes', 'stages' => ['hire.fitting']]],
                'if' => ['all' => []],
                'then' => [
                    [
                        'kind' => 'create_task',
                        'task_kind' => 'fitting',
                        'title' => 'Fit ~case.title~',
                        'needed' => true,
                        'due' => [
                            'kind' => 'due_follows',
                            'date_field' => 'case.fitting_on',
                            'offset' => '+0 days',
                        ],
                    ],
                    [
                        'kind' => 'create_task',
                        'task_kind' => 'invoice',
                        'title' => 'Hire terms for ~customer.name~',
                        'needed' => true,
                        'due' => ['kind' => 'due_end_of', 'period' => 'today'],
                    ],
                ],
            ],
            self::asks('hire-quote', 'At Fitting the lead approves the quote', 'hire.fitting', [], 'Quote', [
                'people' => ['hanneke-de-wit'],
            ]),
            self::asks(
                'large-repair',
                'A repair over 400 is approved by two',
                'repair.approval',
                [DemoTracks::LARGE],
                'Estimate',
                ['people' => ['tobias-lindqvist', 'hanneke-de-wit', 'sunniva-aas'], 'way' => 'at_least', 'least' => 2],
            ),
            [
                'id' => 'repair-ready',
                'name' => 'The customer hears that a repair is ready',
                'active' => true,
                'when' => [['kind' => 'stage_becomes', 'stages' => ['repair.ready']]],
                'then' => [
                    [
                        'kind' => 'message',
                        'addressee' => 'customer',
                        'channel' => 'mail',
                        'subject' => 'Ready: ~case.title~',
                        'text' => "~case.title~ is ready to be collected.\n\n~case.owner|Alder & Quill~",
                    ],
                ],
            ],
            [
                'id' => 'terms-signed',
                'name' => 'When the terms are signed, move to On hire',
                'active' => true,
                'when' => [
                    [
                        'kind' => 'field_changes',
                        'change' => ['field' => 'case.terms_signed', 'how' => 'filled'],
                        'of' => 'case',
                    ],
                ],
                'if' => ['all' => [DemoRule::is('case.stage', 'hire.fitting')]],
                'then' => [['kind' => 'move_stage', 'stage' => 'hire.on-hire']],
            ],
        ];
    }

    /**
     * @param array<string, mixed> $pool
     *
     * @return array<string, mixed>
     */
    private static function owner(string $track, string $name, array $pool): array
    {
        return [
            'id' => "owns-{$track}",
            'name' => $name,
            'active' => true,
            'when' => [['kind' => 'case_opens']],
            'if' => ['all' => [DemoRule::is('case.track', $track)]],
            'give' => DemoRule::give($pool, ['kind' => 'lightest_load']),
            'then' => [],
        ];
    }

    /**
     * @param list<array<string, mixed>>                            $if
     * @param array{people: list<string>, way?: string, least?: int} $of
     *
     * @return array<string, mixed> a rule that asks for an approval in a stage
     */
    private static function asks(string $id, string $name, string $stage, array $if, string $approval, array $of): array
    {
        return [
            'id' => $id,
            'name' => $name,
            'active' => true,
            'when' => [['kind' => 'stage_becomes', 'stages' => [$stage]]],
            'if' => ['all' => $if],
            'then' => [
                [
                    'kind' => 'ask_approval',
                    'approval' => $approval,
                    'people' => ['kind' => 'people', 'people' => $of['people']],
                    'within' => 'PT80H',
                ] + array_diff_key($of, ['people' => true]),
            ],
        ];
    }
}
