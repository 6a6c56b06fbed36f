<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** Rules of Alder & Quill about its customers, and one about the house itself. */
final class DemoCustomerRules
{
    /** @return list<array<string, mixed>> */
    public static function rules(): array
    {
        return [
            [
                'id' => 'new-customer',
                'name' => 'New customers are looked after in turn by Enquiries',
                'active' => true,
                'when' => [['kind' => 'customer_added']],
                'if' => ['field' => 'customer.owner', 'op' => 'is_empty'],
                'give' =>
                    ['seat' => 'owner'] +
                    DemoRule::give(DemoRule::team('enquiries'), [
                        'kind' => 'round_robin',
                        'rotation' => 'New customers',
                    ]),
                'then' => [['kind' => 'tag', 'tag' => 'new']],
            ],
            [
                'id' => 'shelf-count',
                'name' => 'On Fridays the reeds are counted',
                'active' => true,
                'when' => [
                    [
                        'kind' => 'schedule',
                        'recurrence' => 'FREQ=WEEKLY;BYDAY=FR',
                        'from' => '2026-01-02',
                        'time' => '09:00',
                        'of' => 'house',
                    ],
                ],
                'if' => ['all' => []],
                'then' => [
                    [
                        'kind' => 'create_task',
                        'task_kind' => 'stock-count',
                        'title' => 'Count the reeds',
                        'due' => ['kind' => 'due_end_of', 'period' => 'today'],
                    ],
                ],
            ],
        ];
    }
}
