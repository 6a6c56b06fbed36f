<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Flow;

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Subject\CustomerSubject;

require_once __DIR__ . '/CustomerFunctions.php';

it('refuses in rules what their subject does not have', function (array $rule, string $why): void {
    expect(static fn() => customerChains([$rule], []))->toThrow(DocumentError::class, $why);
})->with([
    'a watcher of a customer' => [
        [
            'when' => [['kind' => 'customer_added']],
            'then' => [['kind' => 'watch', 'watchers' => ['kind' => 'people', 'people' => ['oona']]]],
        ],
        'Rules about customers have no "watch".',
    ],
    'a task of a customer' => [
        [
            'when' => [['kind' => 'customer_added']],
            'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'call'],
            'then' => SERVICE_CALL['then'],
        ],
        'task.kind',
    ],
    'a field of a task that becomes' => [
        [
            'when' => [['kind' => 'field_changes', 'of' => 'customer', 'change' => ['field' => 'task.kind']]],
            'then' => SERVICE_CALL['then'],
        ],
        'There is no field "task.kind".',
    ],
    'a name that follows from elsewhere' => [
        [
            'when' => [['kind' => 'customer_added']],
            'then' => [['kind' => 'set_field', 'set' => ['field' => 'customer.name', 'value' => 'X']]],
        ],
        '"customer.name" is not a field whose value can be set.',
    ],
    'a field of the customer set by a task' => [
        [
            'when' => [['kind' => 'task_arrives']],
            'then' => [['kind' => 'set_field', 'set' => ['field' => 'customer.size', 'value' => 1]]],
        ],
        '"customer.size" is not a field whose value can be set.',
    ],
    'who may claim a customer' => [
        [
            'when' => [['kind' => 'customer_added']],
            'give' => [
                'seat' => 'owner',
                'pool' => ['kind' => 'team', 'team' => 'sales'],
                'method' => ['kind' => 'open'],
            ],
        ],
        'Rules about customers have no "open".',
    ],
    'the house to somebody' => [
        [
            'when' => [
                [
                    'kind' => 'schedule',
                    'recurrence' => 'FREQ=DAILY',
                    'from' => '2026-03-02',
                    'time' => '10:00',
                    'of' => 'house',
                ],
            ],
            'give' => [
                'seat' => 'owner',
                'pool' => ['kind' => 'team', 'team' => 'sales'],
                'method' => ['kind' => 'in_order'],
            ],
        ],
        'have no',
    ],
    'two subjects' => [
        ['when' => [['kind' => 'customer_added'], ['kind' => 'task_arrives']], 'then' => SERVICE_CALL['then']],
        'its events are about several of them',
    ],
    'a comment on a customer' => [
        ['when' => [['kind' => 'comment_added', 'of' => 'customer']], 'then' => SERVICE_CALL['then']],
        '"customer" is not one of: task, case.',
    ],
]);

it('is known whole, without its case or its hours of work', function (): void {
    $customer = new CustomerSubject('a', 5, 'oona', ['x'], ['customer.name' => 'A'], true);
    expect(
        $customer
            ->with(['tags' => ['y']])
            ->equals(new CustomerSubject('a', 5, 'oona', ['y'], ['customer.name' => 'A'], true)),
    )->toBeTrue();
    expect([$customer->isOpen(), $customer->title(), $customer->asWork(), $customer->moment('customer.added')])->toBe([
        false,
        'A',
        null,
        5,
    ]);
});
