<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Sweep\Reversal;
use OpenBaton\Core\Tests\Support\RandomStory;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\FollowingTexts;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** As it is kept and read again. */
function kept(Reversal $reversal): Reversal
{
    return Reversal::read(json_decode((string) json_encode($reversal->write()), true));
}

/** A task of which nothing is as it is usually. */
function fullTask(): TaskSubject
{
    return Story::task()->with([
        'effort' => new Effort(30, 90, 10, 70),
        'priority' => Priority::Low,
        'startAt' => 100,
        'tags' => ['old'],
        'covering' => new Covering('callum', 'a1', ['tobias'], true, ['femi']),
        'dueAt' => 500,
        'dueFollows' => new Follow('task.needed', Offset::parse('-1 days'), TimeOfDay::parse('10:00')),
        'checklist' => [new ChecklistItem('Photograph it', true), new ChecklistItem('Play it')],
        'watcherIds' => ['ayumi'],
        'textFollows' => FollowingTexts::of(MergedText::parse('For ~task.kind~'), null),
        'fields' => ['task.kind' => 'repair', 'task.value' => 12.5, 'task.parts' => ['valve'], 'task.title' => 'Horn'],
    ]);
}

it('puts everything back', function (): void {
    $before = fullTask();
    $after = Story::task()
        ->heldBy('tobias')
        ->inStatus(TaskStatus::Waiting)
        ->with(['fields' => ['task.kind' => 'quote', 'task.rush' => true]]);
    $undone = kept(Reversal::of($before, $after))->on($after);
    expect($undone->equals($before))->toBeTrue();
    expect(kept(Reversal::of($after, $before))->on($before)->equals($after))->toBeTrue();
});

it('leaves alone what somebody has changed since, and names it', function (): void {
    $before = Story::task();
    $reversal = kept(
        Reversal::of($before, $before->heldBy('tobias')->prioritised(Priority::High)->withField('task.count', 3)),
    );
    expect(array_keys($reversal->parts))->toBe(['holderId', 'previousHolderId', 'priority', 'fields/task.count']);
    $since = $before->heldBy('tobias')->prioritised(Priority::Urgent)->withField('task.count', 3)->tagged('hurry');
    expect($reversal->left($since))->toBe(['priority']);
    $undone = $reversal->on($since);
    expect([$undone->holderId, $undone->priority, $undone->tags])->toBe(['femi', Priority::Urgent, ['hurry']]);
    expect($undone->fields)->toBe($before->fields);
    expect($reversal->left($before))
        ->toBe([])
        ->and($reversal->on($before)->equals($before))
        ->toBeTrue();
});

it('can leave it with whoever has it', function (): void {
    $before = Story::task();
    $after = $before->heldBy('tobias')->tagged('swept');
    $reversal = Reversal::of($before, $after);
    expect($reversal->heldBy())->toBe('femi');
    $undone = $reversal->withoutHolder()->on($after);
    expect([$undone->holderId, $undone->tags])->toBe(['tobias', []]);
    expect(Reversal::of($before, $before->tagged('swept'))->heldBy())->toBeNull();
    expect(Reversal::of($before->heldBy(null), $after)->heldBy())->toBeNull();
});

it('does not touch what the task has of its customer', function (): void {
    $before = Story::task()->withField('customer.owner', 'femi');
    expect(Reversal::of($before, $before->withField('customer.owner', 'ayumi'))->parts)->toBe([]);
});

it('puts back whatever chains do to tasks', function (): void {
    $undone = 0;
    for ($seed = 0; $seed < max(60, intdiv((int) (getenv('WORLDS') ?: 2000), 20)); ++$seed) {
        $world = WorldFormat::read(Node::root(RandomStory::of($seed)));
        foreach ($world->chains() as $of) {
            foreach ($of->chain->links as $link) {
                [$before, $after] = [$link->change->taskBefore(), $link->change->task()];
                if ($before === null || $after === null || $before->equals($after)) {
                    continue;
                }
                // What comes from people alone is not taken back, nor what the task has of its customer.
                $before = $before->with([
                    'comments' => $after->comments,
                    'fields' =>
                        array_diff_key($before->fields, ['customer.owner' => 1]) +
                        array_intersect_key($after->fields, ['customer.owner' => 1]),
                ]);
                kept(Reversal::of($before, $after))->on($after)->equals($before) ||
                    $this->fail("Story {$seed}, {$of->event}.");
                ++$undone;
            }
        }
    }
    expect($undone)->toBeGreaterThan(500);
});
