<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** Rules of Alder & Quill for what happens to tasks after they have come. */
final class DemoEventRules
{
    private const REPAIRS = [
        'field' => 'task.kind',
        'op' => 'one_of',
        'value' => ['bench-repair', 'rush-repair', 'rework'],
    ];

    /** @return list<array<string, mixed>> */
    public static function version(int $version): array
    {
        $since = [
            'to-quality' => 1,
            'checked-back' => 1,
            'hires' => 1,
            'claim-overdue' => 2,
            'hire-ends' => 2,
            'owner-calls' => 2,
            'owner-less' => 2,
        ];

        return array_values(
            array_filter(
                self::all(),
                static fn(array $rule): bool => ($since[is_string($rule['id']) ? $rule['id'] : ''] ?? 3) <= $version,
            ),
        );
    }

    /** @return array<string, mixed> */
    private static function owner(): array
    {
        return DemoRule::give(['kind' => 'field', 'field' => 'customer.owner'], ['kind' => 'same_person']);
    }

    /** @return list<array<string, mixed>> */
    private static function all(): array
    {
        return [
            self::on(
                'repair-dear',
                'Repairs estimated over 400: a diagnosis, and an approval beside it',
                ['kind' => 'task_arrives'],
                [
                    'all' => [
                        DemoRule::is('task.kind', 'bench-repair'),
                        ['field' => 'task.cost', 'op' => 'more_than', 'value' => 400],
                    ],
                ],
                null,
                [
                    [
                        'kind' => 'create_task',
                        'task_kind' => 'diagnosis',
                        'title' => 'Diagnosis: ~task.title~',
                        'details' => 'The repair is estimated at ~task.cost~ for ~customer.name|a customer not known~.',
                        'same_fields' => true,
                    ],
                    [
                        'kind' => 'create_task',
                        'task_kind' => 'approval',
                        'title' => 'Approve ~task.title~ at ~task.cost~',
                        'for' => ['kind' => 'people', 'people' => ['tobias-lindqvist']],
                        'due' => ['kind' => 'due_in', 'after' => 'P2D', 'hours_of' => 'house'],
                    ],
                    [
                        'kind' => 'create_task',
                        'task_kind' => 'call-back',
                        'title' => 'Tell ~customer.name|the customer~: ~task.title~ may cost ~task.cost~',
                    ],
                ],
            ),
            self::on(
                'to-quality',
                'A repair that is sent to be checked goes round Quality, never to whoever did it',
                ['kind' => 'status_becomes', 'statuses' => ['in_review']],
                self::REPAIRS,
                [
                    'seat' => 'reviewer',
                ] +
                    DemoRule::give(
                        [
                            'kind' => 'except',
                            'pool' => DemoRule::team('quality'),
                            'without' => ['kind' => 'field', 'field' => 'task.assignee'],
                        ],
                        ['kind' => 'round_robin', 'rotation' => 'Quality'],
                    ),
            ),
            self::on(
                'checked-back',
                'A repair that is sent back is for whoever did it, and high',
                ['kind' => 'status_becomes', 'statuses' => ['working'], 'from' => ['in_review']],
                self::REPAIRS,
                DemoRule::give(['kind' => 'field', 'field' => 'task.assignee'], ['kind' => 'same_person']),
                [['kind' => 'priority', 'priority' => 'high'], ['kind' => 'tag', 'tag' => 'sent back']],
            ),
            self::on(
                'claim-overdue',
                'A claim a day overdue goes to the lead of Accounts, one priority up',
                ['kind' => 'date_reached', 'field' => 'task.due', 'offset' => '+1 days'],
                DemoRule::is('task.kind', 'insurer-claim'),
                DemoRule::give(['kind' => 'people', 'people' => ['sunniva-aas']], ['kind' => 'same_person']),
                [['kind' => 'priority_step', 'step' => 'up']],
            ),
            self::on(
                'hire-ends',
                'A hire that ends in 20 days brings a call back',
                [
                    'kind' => 'date_reached',
                    'field' => 'customer.hire_ends',
                    'offset' => '-20 days',
                    'time' => '09:00',
                    'of' => 'customer',
                ],
                ['all' => []],
                null,
                [
                    [
                        'kind' => 'create_task',
                        'task_kind' => 'call-back',
                        'title' => 'Call ~customer.name~: the hire ends on ~customer.hire_ends~',
                        'details' => 'Ask whether they keep it. If they do, move the end of the hire on the customer.',
                        'due' => [
                            'kind' => 'due_follows',
                            'date_field' => 'customer.hire_ends',
                            'offset' => '-5 working_days',
                        ],
                    ],
                ],
            ),
            self::on(
                'hires',
                'A hire is with whoever looks after the customer, and due when it ends',
                ['kind' => 'task_arrives'],
                DemoRule::is('task.kind', 'hire'),
                self::owner(),
                [['kind' => 'due_follows', 'date_field' => 'customer.hire_ends', 'offset' => '+0 days']],
            ),
            self::on(
                'owner-calls',
                'Call backs that a rule made go to whoever looks after the customer',
                ['kind' => 'task_arrives'],
                ['all' => [DemoRule::is('task.kind', 'call-back'), DemoRule::is('task.source', 'rule')]],
                self::owner(),
            ),
            self::on(
                'owner-less',
                'Other calls that a rule made go round Enquiries',
                ['kind' => 'task_arrives'],
                ['all' => [DemoRule::is('task.kind', 'call-back'), DemoRule::is('task.source', 'rule')]],
                DemoRule::give(DemoRule::team('enquiries'), [
                    'kind' => 'round_robin',
                    'rotation' => 'Calls of Enquiries',
                ]),
                [['kind' => 'due_in', 'after' => 'PT12H', 'hours_of' => 'house']],
            ),
            [
                'when' => [
                    ['kind' => 'comment_added', 'by' => 'customer'],
                    ['kind' => 'file_added', 'by' => 'customer'],
                ],
            ] +
            self::on(
                'customer-answers',
                'What waits goes on when the customer writes or sends something',
                ['kind' => 'comment_added', 'by' => 'customer'],
                DemoRule::is('task.status', 'waiting'),
                null,
                [['kind' => 'status', 'status' => 'working'], ['kind' => 'tag', 'tag' => 'answered']],
            ),
            self::on(
                'parts',
                'Parts to be ordered',
                ['kind' => 'pressed', 'label' => 'Order parts'],
                self::REPAIRS,
                null,
                [
                    [
                        'kind' => 'create_task',
                        'task_kind' => 'stock-count',
                        'title' => 'Order parts for ~task.title~',
                        'for' => DemoRule::team('accounts'),
                        'due' => ['kind' => 'due_end_of', 'period' => 'today'],
                        'wait' => true,
                    ],
                ],
            ),
        ];
    }

    /**
     * @param array<string, mixed>       $when
     * @param array<string, mixed>       $if
     * @param array<string, mixed>|null  $give
     * @param list<array<string, mixed>> $then
     *
     * @return array<string, mixed>
     */
    private static function on(string $id, string $name, array $when, array $if, ?array $give, array $then = []): array
    {
        return ['when' => [$when]] + DemoRule::rule($id, $name, $if, $give, $then);
    }
}
