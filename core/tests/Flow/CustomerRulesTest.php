<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Flow;

require_once __DIR__ . '/CustomerFunctions.php';

it('acts once for a customer and a date, however much is open for it', function (int $open): void {
    $tasks = array_map(
        static fn(int $one): array => [
            'id' => "t{$one}",
            'customer' => 'holms',
            'facts' => ['task.title' => "T{$one}"],
        ],
        $open === 0 ? [] : range(1, $open),
    );
    $chains = customerChains(
        [SERVICE_CALL],
        [
            ['kind' => 'tick', 'at' => '2026-03-05T12:00:00Z'],
            ['kind' => 'tick', 'at' => '2026-03-06T12:00:00Z'],
            ['kind' => 'tick', 'at' => '2026-03-07T12:00:00Z'],
        ],
        ['customers' => [THE_HOLMS], 'tasks' => $tasks],
    );
    // 20 March less 14 days is the 6th, at nine.
    expect(broughtAbout($chains))->toBe(['e1:1 customer holms The Holms', 'e1:1 task holms.1 Call The Holms']);
    expect($chains[0]->chain->tasks()['holms.1']->customerId)->toBe('holms');
})->with([0, 1, 2]);

it('acts anew for another date, and never for a customer who is retired', function (): void {
    $moved = ['kind' => 'customer_changes', 'customer' => 'holms', 'facts' => ['customer.service_due' => '2026-03-23']];
    $chains = customerChains(
        [[...SERVICE_CALL, 'then' => [[...SERVICE_CALL['then'][0], 'again' => true]]]],
        [
            ['kind' => 'tick', 'at' => '2026-03-06T12:00:00Z'],
            $moved + ['at' => '2026-03-06T13:00:00Z'],
            ['kind' => 'tick', 'at' => '2026-03-09T12:00:00Z'],
            ['kind' => 'customer_changes', 'customer' => 'holms', 'retired' => true],
            ['kind' => 'customer_changes', 'customer' => 'holms', 'facts' => ['customer.service_due' => '2026-03-25']],
            ['kind' => 'tick', 'at' => '2026-03-12T12:00:00Z'],
        ],
        ['customers' => [THE_HOLMS]],
    );
    expect(bornIn($chains))->toBe(['e0:1 holms.1', 'e2:1 holms.2']);
});

it('does not make what it made for the same customer while that is open', function (): void {
    $rule = ['when' => [['kind' => 'tag_on', 'tags' => ['check'], 'of' => 'customer']], 'then' => SERVICE_CALL['then']];
    $tag = ['kind' => 'customer_changes', 'customer' => 'holms'];
    $chains = customerChains(
        [$rule],
        [$tag + ['tags_on' => ['check']], $tag + ['tags_off' => ['check']], $tag + ['tags_on' => ['Check']]],
        ['customers' => [THE_HOLMS]],
    );
    // The task sees its customer's tags; none is made again.
    expect([bornIn($chains), count(broughtAbout($chains))])->toBe([['e0 holms.1'], 6]);
});

it('gives a customer who is added an owner in turn, and what arrives for them sees it', function (): void {
    $owner = [
        'when' => [['kind' => 'customer_added']],
        'give' => [
            'seat' => 'owner',
            'pool' => ['kind' => 'team', 'team' => 'sales'],
            'method' => ['kind' => 'round_robin', 'rotation' => 'new customers'],
        ],
    ];
    $same = [
        'when' => [['kind' => 'task_arrives']],
        'give' => ['pool' => ['kind' => 'field', 'field' => 'customer.owner'], 'method' => ['kind' => 'same_person']],
    ];
    $added = static fn(string $id): array => ['kind' => 'customer_added', 'customer' => ['id' => $id]];
    $chains = customerChains(
        [$owner, $same],
        [
            $added('a'),
            $added('b'),
            [
                'kind' => 'task_arrives',
                'task' => ['id' => 't1', 'customer' => 'b', 'facts' => ['task.title' => 'Horn']],
            ],
        ],
    );
    expect(broughtAbout($chains))->toBe([
        'e0 customer a  oona',
        'e0 customer a  oona',
        'e1 customer b  femi',
        'e1 customer b  femi',
        'e2 task t1 Horn femi',
        'e2 task t1 Horn femi',
    ]);
});

it('lets open tasks and cases of a customer see what changes, and rules of either answer', function (): void {
    $rules = [
        [
            'when' => [['kind' => 'owner_changes', 'to' => ['people' => ['femi']], 'of' => 'customer']],
            'then' => [
                ['kind' => 'tag', 'tag' => 'femis'],
                ['kind' => 'set_field', 'set' => ['field' => 'customer.size', 'value' => 7]],
            ],
        ],
        [
            'when' => [['kind' => 'field_changes', 'change' => ['field' => 'customer.size']]],
            'then' => [['kind' => 'tag', 'tag' => 'sized']],
        ],
    ];
    $task = static fn(string $id, string $customer): array => [
        'id' => $id,
        'customer' => $customer,
        'facts' => ['task.title' => $id],
    ];
    $chains = customerChains(
        $rules,
        [['kind' => 'customer_changes', 'customer' => 'holms', 'owner' => 'femi']],
        ['customers' => [THE_HOLMS, ['id' => 'other']], 'tasks' => [$task('t1', 'holms'), $task('t2', 'other')]],
    );
    $after = $chains[0]->chain->subjects;
    expect(array_keys($after))->toBe(['holms', 't1']);
    expect([$after['holms']->tags, $after['holms']->fields['customer.size'], $after['t1']->tags])->toBe([
        ['femis'],
        7,
        ['sized'],
    ]);
    expect($after['t1']->fields)->toMatchArray([
        'customer.owner' => 'femi',
        'customer.size' => 7,
        'customer.tags' => ['femis'],
    ]);
});

it('lets a moment of the calendar act on the house alone, once, whatever is open', function (): void {
    $rule = [
        'when' => [
            [
                'kind' => 'schedule',
                'recurrence' => 'FREQ=WEEKLY;BYDAY=FR',
                'from' => '2026-03-02',
                'time' => '10:00',
                'of' => 'house',
            ],
        ],
        'if' => ['field' => 'moment.weekday', 'op' => 'is', 'value' => 'friday'],
        'then' => [
            ['kind' => 'create_task', 'task_kind' => 'call', 'title' => 'Count the reeds'],
            ['kind' => 'tell', 'people' => ['kind' => 'people', 'people' => ['hanneke']], 'text' => 'It is Friday'],
        ],
    ];
    $tasks = [['id' => 't1', 'facts' => ['task.title' => 'Horn']], ['id' => 't2', 'facts' => ['task.title' => 'Oboe']]];
    $ticks = array_map(
        static fn(int $day): array => ['kind' => 'tick', 'at' => sprintf('2026-03-%02dT12:00:00Z', $day)],
        [5, 6, 7, 13],
    );
    expect(broughtAbout(customerChains([$rule], $ticks, ['tasks' => $tasks])))->toBe([
        'e1:1 house house',
        'e1:1 task house.1 Count the reeds',
        // Last Friday's is open still.
        'e3:1 house house',
    ]);
});
