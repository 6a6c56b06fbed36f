<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/FollowUpFunctions.php';

it('does what it says', function (array $document, TaskSubject $subject, array $written, array $changed): void {
    $effect = effectOf($document, $subject);
    $after = $effect?->on($subject);
    expect($effect === null ? null : DecisionRecord::effect($effect))->toBe($written);
    expect(
        $after === null
            ? null
            : array_filter(
                get_object_vars($after),
                static fn(mixed $value, string $name): bool => $value !== $subject->{$name},
                ARRAY_FILTER_USE_BOTH,
            ),
    )->toEqual($changed);
})->with([
    'a field' => [
        ['kind' => 'set_field', 'set' => ['field' => 'task.value', 'value' => 400.5]],
        Story::task(),
        ['effect' => 'field_set', 'field' => 'task.value', 'value' => 400.5],
        ['fields' => ['task.kind' => 'repair', 'task.title' => 'Horn', 'task.value' => 40_050]],
    ],
    'a field with several values' => [
        ['kind' => 'set_field', 'set' => ['field' => 'task.parts', 'value' => ['valve', 'pad']]],
        Story::task(),
        ['effect' => 'field_set', 'field' => 'task.parts', 'value' => ['valve', 'pad']],
        ['fields' => ['task.kind' => 'repair', 'task.title' => 'Horn', 'task.parts' => ['valve', 'pad']]],
    ],
    'no field' => [
        ['kind' => 'clear_field', 'cleared' => 'task.rush'],
        Story::task()->withField('task.rush', true),
        ['effect' => 'field_cleared', 'field' => 'task.rush'],
        ['fields' => ['task.kind' => 'repair', 'task.title' => 'Horn']],
    ],
    'due in working time' => [
        ['kind' => 'due_in', 'after' => 'PT9H'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-03T11:00:00Z'],
        ['dueAt' => Build::at('2026-03-03T11:00:00Z')],
    ],
    'due in working days' => [
        ['kind' => 'due_in', 'after' => 'P3D'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-05T17:00:00Z'],
        ['dueAt' => Build::at('2026-03-05T17:00:00Z')],
    ],
    // 8 March is a Sunday: work ends on the Friday before.
    'due before a date' => [
        ['kind' => 'due_from', 'date_field' => 'task.needed', 'offset' => '-2 days'],
        Story::task()->withField('task.needed', '2026-03-10'),
        ['effect' => 'due_set', 'due' => '2026-03-06T17:00:00Z'],
        ['dueAt' => Build::at('2026-03-06T17:00:00Z')],
    ],
    'due before a date, at a time' => [
        ['kind' => 'due_from', 'date_field' => 'task.needed', 'offset' => '-2 working_days', 'time' => '10:30'],
        Story::task()->withField('task.needed', '2026-03-10'),
        ['effect' => 'due_set', 'due' => '2026-03-06T10:30:00Z'],
        ['dueAt' => Build::at('2026-03-06T10:30:00Z')],
    ],
    'due after a moment' => [
        ['kind' => 'due_from', 'date_field' => 'task.arrived', 'offset' => '+36 hours'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-02T21:00:00Z'],
        ['dueAt' => Build::at('2026-03-02T21:00:00Z')],
    ],
    'due from nothing' => [
        ['kind' => 'due_from', 'date_field' => 'task.needed', 'offset' => '-2 days'],
        Story::task(),
        ['effect' => 'due_impossible'],
        [],
    ],
    'due today' => [
        ['kind' => 'due_end_of', 'period' => 'today'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-02T17:00:00Z'],
        ['dueAt' => Build::at('2026-03-02T17:00:00Z')],
    ],
    'due this week' => [
        ['kind' => 'due_end_of', 'period' => 'week'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-06T17:00:00Z'],
        ['dueAt' => Build::at('2026-03-06T17:00:00Z')],
    ],
    'due this month' => [
        ['kind' => 'due_end_of', 'period' => 'month'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-31T17:00:00Z'],
        ['dueAt' => Build::at('2026-03-31T17:00:00Z')],
    ],
    'a priority' => [
        ['kind' => 'priority', 'priority' => 'urgent'],
        Story::task(),
        ['effect' => 'priority_set', 'priority' => 'urgent'],
        ['priority' => Priority::Urgent],
    ],
    'a priority higher' => [
        ['kind' => 'priority_step', 'step' => 'up'],
        Story::task(),
        ['effect' => 'priority_set', 'priority' => 'high'],
        ['priority' => Priority::High],
    ],
    'a priority lower' => [
        ['kind' => 'priority_step', 'step' => 'down'],
        Story::task(),
        ['effect' => 'priority_set', 'priority' => 'low'],
        ['priority' => Priority::Low],
    ],
    'no higher than the highest' => [
        ['kind' => 'priority_step', 'step' => 'up'],
        Story::task()->prioritised(Priority::Urgent),
        ['effect' => 'priority_set', 'priority' => 'urgent'],
        [],
    ],
    'a status' => [
        ['kind' => 'status', 'status' => 'in_review'],
        Story::task(),
        ['effect' => 'status_set', 'status' => 'in_review'],
        ['status' => TaskStatus::InReview],
    ],
    'a status to which nothing leads' => [
        ['kind' => 'status', 'status' => 'in_review'],
        Story::task()->inStatus(TaskStatus::Done),
        ['effect' => 'status_impossible', 'status' => 'in_review'],
        [],
    ],
    'a tag' => [
        ['kind' => 'tag', 'tag' => 'vip'],
        Story::task(),
        ['effect' => 'tag_added', 'tag' => 'vip'],
        ['tags' => ['vip']],
    ],
    'no tag' => [
        ['kind' => 'tag_off', 'tag' => 'VIP'],
        Story::task()->tagged('vip'),
        ['effect' => 'tag_removed', 'tag' => 'VIP'],
        ['tags' => []],
    ],
    'people who watch' => [
        ['kind' => 'watch', 'watchers' => ['kind' => 'people', 'people' => ['ayumi', 'tobias']]],
        Story::task()->watchedBy(['ayumi']),
        ['effect' => 'watched', 'people' => ['ayumi', 'tobias']],
        ['watcherIds' => ['ayumi', 'tobias']],
    ],
    'people who are told' => [
        [
            'kind' => 'tell',
            'people' => ['kind' => 'people', 'people' => ['ayumi', 'tobias']],
            'text' => 'The ~task.title~ waits',
        ],
        Story::task(),
        ['effect' => 'told', 'people' => ['ayumi', 'tobias'], 'text' => 'The Horn waits'],
        [],
    ],
    'the owner of the customer' => [
        ['kind' => 'customer_owner'],
        Story::task(),
        ['effect' => 'owner_given', 'person' => 'femi'],
        ['fields' => ['task.kind' => 'repair', 'task.title' => 'Horn', 'customer.owner' => 'femi']],
    ],
]);
