<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Access\Actor;
use App\Cases\SaveTrack;
use App\Models\Access\User;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TrackFormat;

/** The three tracks of Alder & Quill, and rules about the cases on them. */
final class DemoTracks
{
    /** Fields of cases, as the house defines them. */
    public const FIELDS = [
        ['case.fitting_on', 'Fitting on', 'date', null],
        ['case.terms_signed', 'Terms signed on', 'date', null],
        ['case.term_ends', 'Term ends on', 'date', null],
        ['case.estimate', 'Estimate', 'money', null],
        ['case.collected_by', 'Collected by', 'text', null],
    ];

    /** A repair of which two have to approve. */
    private const LARGE = ['field' => 'case.estimate', 'op' => 'more_than', 'value' => 400];

    private const NEEDED = ['kind' => 'needed_work_done'];

    public static function lay(SaveTrack $save, User $lead): void
    {
        foreach ([self::hire(), self::repair(), self::tuning()] as $document) {
            $track = $save->draft(Node::root($document), Actor::user($lead));
            $save->publish($track, $track->revision, Actor::user($lead));
        }
    }

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
                [self::LARGE],
                'Estimate',
                ['people' => ['tobias-lindqvist', 'hanneke-de-wit', 'sunniva-aas'], 'way' => 'at_least', 'least' => 2],
            ),
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

    /** @return array<string, mixed> */
    private static function hire(): array
    {
        return self::track(
            'hire',
            'Hire',
            true,
            ['renewed' => 'Renewed', 'returned' => 'Returned', 'declined' => 'Declined'],
            [
                self::stage('enquiry', 'Enquiry', 'PT16H'),
                self::stage('quote', 'Quote', 'PT24H'),
                self::stage('fitting', 'Fitting', 'PT40H', [
                    self::NEEDED,
                    self::filled('case.terms_signed'),
                    ['kind' => 'approval_given', 'approval' => 'Quote'],
                ]),
                self::stage('on-hire', 'On hire'),
                self::stage('term-end', 'Term end', 'PT40H'),
                self::stage('returned', 'Returned', 'PT24H', [self::NEEDED]),
            ],
        );
    }

    /** @return array<string, mixed> */
    private static function repair(): array
    {
        return self::track(
            'repair',
            'Repair',
            false,
            ['collected' => 'Collected', 'declined' => 'Declined', 'lost' => 'Beyond repair'],
            [
                self::stage('checked-in', 'Checked in', 'PT8H'),
                self::stage('diagnosis', 'Diagnosis', 'PT24H', [self::filled('case.estimate')]),
                self::stage('approval', 'Approval', 'PT40H', [
                    ['kind' => 'approval_given', 'approval' => 'Estimate', 'only' => self::LARGE],
                ]),
                self::stage('on-the-bench', 'On the bench', 'PT80H', [self::NEEDED]),
                self::stage('quality-check', 'Quality check', 'PT16H', [self::NEEDED]),
                self::stage('ready', 'Ready', 'PT40H', [self::filled('case.collected_by')]),
                self::stage('collected', 'Collected'),
            ],
        );
    }

    /** @return array<string, mixed> */
    private static function tuning(): array
    {
        return self::track(
            'tuning',
            'Tuning contract',
            true,
            ['renewed' => 'Renewed', 'ended' => 'Ended'],
            [
                self::stage('agreed', 'Agreed', 'PT40H', [self::filled('case.terms_signed')]),
                self::stage('active', 'Active'),
                self::stage('renewal', 'Renewal', 'PT80H'),
            ],
        );
    }

    /**
     * @param array<string, string>      $outcomes label by key
     * @param list<array<string, mixed>> $stages
     *
     * @return array<string, mixed>
     */
    private static function track(string $id, string $name, bool $takes, array $outcomes, array $stages): array
    {
        return [
            'openbaton' => TrackFormat::VERSION,
            'id' => $id,
            'name' => $name,
            'owner_takes_tasks' => $takes,
            'stages' => $stages,
            'outcomes' => array_map(
                static fn(string $key, string $label): array => ['key' => $key, 'label' => $label],
                array_keys($outcomes),
                array_values($outcomes),
            ),
        ];
    }

    /**
     * @param list<array<string, mixed>> $leave
     *
     * @return array<string, mixed>
     */
    private static function stage(string $key, string $name, ?string $target = null, array $leave = []): array
    {
        return ['key' => $key, 'name' => $name, 'leave' => $leave] + ($target === null ? [] : ['target' => $target]);
    }

    /** @return array<string, mixed> */
    private static function filled(string $field): array
    {
        return ['kind' => 'field_filled', 'field' => $field];
    }
}
